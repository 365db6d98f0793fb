/** What a screw, bolt or rivet passes, how far it bites, and what it meets behind. */
@org.jspecify.annotations.NullMarked
package app.brightkeel.core.fastening;
