package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/** Titles of the full-size sheets of a rig. */
public record TemplateSheets(List<Text> titles) {}
