package app.brightkeel.core;

import app.brightkeel.core.demo.*;
import app.brightkeel.core.line.*;
import app.brightkeel.core.picture.*;
import app.brightkeel.core.review.*;
import app.brightkeel.core.rig.*;

public class Try {
    static void print(Working w, String in) {
        System.out.println(in + w.title().plain() + "   " + w.formula());
        for (var r : w.rows()) {
            if (r instanceof Working.Row.Opened o) {
                System.out.println(in + "  " + o.symbol() + " " + o.label().plain() + " = "
                        + o.amount().plain());
                if (in.length() < 6) print(o.working(), in + "      ");
            } else if (r instanceof Working.Row.Entered o)
                System.out.println(in + "  " + o.symbol() + " " + o.label().plain() + " = "
                        + o.amount().plain() + " " + o.basis() + " " + o.pointer());
            else if (r instanceof Working.Row.Step o)
                System.out.println(in + "  " + o.symbol() + " " + o.label().plain() + " = "
                        + o.amount().plain());
            else if (r instanceof Working.Row.Result o)
                System.out.println(in + "  = " + o.symbol() + " " + o.label().plain() + " = "
                        + o.amount().plain());
            else System.out.println(in + "  " + r);
        }
    }

    public static void main(String[] a) {
        for (Rig rig : DemoRigs.all())
            for (double air : new double[] {-99, 20}) {
                Rig r = air < -50 ? rig : rig.withOuting(rig.outing().withAirC(Figure.chosen(air)));
                Line line = Line.of(r);
                Review v = new RigReviewer().review(line);
                System.out.println("=== " + r.name() + " weakest " + v.weakest() + " assumed " + v.assumedLinks());
                for (var s : v.links())
                    System.out.println(s.link() + " " + s.verdict() + " "
                            + (s instanceof LinkState.Judged j
                                    ? j.number().plain() + " m=" + j.margin()
                                    : ((LinkState.Open) s).why().plain()));
                for (var f : v.findings()) {
                    System.out.println(
                            f.verdict() + " " + f.rule() + " " + f.text().plain());
                    for (var c : f.cures())
                        System.out.println(
                                "     cure " + c.id() + " " + c.label().plain());
                }
                if (air < -50) {
                    for (Link l : Link.values())
                        Links.of(l).ifPresent(x -> x.workings(line).forEach(w -> print(w, "")));
                    for (Link l : new Link[] {Link.BATTERY, Link.WIRE, Link.FUSE, Link.SCREEN})
                        for (var o : Comparison.of(line, l, new RigReviewer()))
                            System.out.println(l + " " + (o.planned() ? "*" : " ") + o.id() + " "
                                    + o.label().plain() + " " + o.after().verdict() + " "
                                    + (o.after() instanceof LinkState.Judged j
                                            ? j.number().plain()
                                            : ""));
                    for (Link l : Link.values()) {
                        var sc = Pictures.of(line, l);
                        System.out.println(l + " "
                                + (sc.isKnown()
                                        ? sc.value().marks().size() + " marks"
                                        : sc.missing().toString()));
                    }
                }
            }
        RigReviewer rr = new RigReviewer();
        for (int k = 0; k < 5; k++) {
            long t = System.nanoTime();
            for (int i = 0; i < 500; i++) rr.review(Line.of(DemoRigs.lanternCrate()));
            System.out.println("review us " + (System.nanoTime() - t) / 500e3);
            t = System.nanoTime();
            for (int i = 0; i < 500; i++)
                Line.of(DemoRigs.lanternCrate()).get(app.brightkeel.core.battery.Runtime.STAGE);
            System.out.println("runtime us " + (System.nanoTime() - t) / 500e3);
        }
    }
}
