package org.kestan.ways;

import java.util.List;
import org.kestan.sheet.Keyed;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/** The ways to put an instrument right, least invasive first. */
public enum WayId implements Keyed {
    LEAVE(
            "leave",
            "Leave and watch",
            Stage.BEFORE,
            true,
            List.of(),
            "Whoever plays it gladly as it is.",
            List.of("It goes on folding: look again in a year."),
            List.of()),
    CONDITION(
            "condition",
            "Condition the humidity",
            Stage.BEFORE,
            true,
            List.of(Standard.HOURS_CONDITION),
            "Any instrument that is too dry or too damp.",
            List.of("Days, not hours; dried too fast it cracks."),
            List.of("Away from heaters and sun; raise or lower the humidity slowly.")),
    TUNE_DOWN(
            "tune-down",
            "Tune down or lighter strings",
            Stage.NECK,
            true,
            List.of(Standard.HOURS_STRINGS, Standard.PRICE_STRINGS),
            "An old body that should carry less, or a player who sings lower.",
            List.of("Quieter and looser; the relief eases too and wants reading again."),
            List.of("Slacken evenly: a string under tension whips when it lets go.")),
    TRUSS_ROD(
            "truss-rod",
            "Truss rod",
            Stage.RELIEF,
            true,
            List.of(Standard.HOURS_ROD),
            "Every neck whose relief is out of the window and whose rod works.",
            List.of("A rod that does not yield is not forced: it breaks."),
            List.of("The right key, fully seated; a quarter turn at a time, then read again.")),
    NUT(
            "nut",
            "Nut slots",
            Stage.NUT,
            true,
            List.of(Standard.HOURS_NUT, Standard.PRICE_NUT),
            "A stiff first position, or a string that buzzes on the first fret.",
            List.of("A slot cut too low needs filling or a new nut."),
            List.of("Bone and shell dust: extraction and a mask.")),
    SADDLE(
            "saddle",
            "Lower, raise or replace the saddle",
            Stage.SADDLE,
            true,
            List.of(Standard.HOURS_SADDLE, Standard.PRICE_SADDLE),
            "A neck that is straight enough, with saddle to spare.",
            List.of("What is taken off is gone: the old saddle is kept in the case."),
            List.of("Bone dust: extraction and a mask.", "Slacken the strings before the saddle comes out.")),
    PIN_RAMPS(
            "pin-ramps",
            "Ramp the pin holes",
            Stage.BRIDGE,
            false,
            List.of(Standard.HOURS_RAMPS),
            "A low saddle whose strings no longer bend enough over it.",
            List.of("Cuts the bridge for good; a worn plate lets the ball ends up."),
            List.of(
                    "Slacken the strings; thin files break: eyes covered.",
                    "Bridge-wood dust: extraction and a mask.")),
    SHAVE_BRIDGE(
            "shave-bridge",
            "Shave the bridge and lower the saddle",
            Stage.BRIDGE,
            false,
            List.of(Standard.HOURS_SHAVE, Standard.PRICE_GLUE),
            "A modern, machine-made instrument that is not worth a reset.",
            List.of(
                    "The bridge is spent, the tone thins, and the reset is only put off.",
                    "A cut bridge lowers the value."),
            List.of(
                    "Both hands behind the scraper's edge, the body held and padded.",
                    "Rosewood and ebony dust: extraction and a mask.")),
    NEW_BRIDGE(
            "new-bridge",
            "New, taller or lower bridge",
            Stage.BRIDGE,
            true,
            List.of(Standard.HOURS_BRIDGE, Standard.PRICE_BRIDGE, Standard.PRICE_SADDLE, Standard.PRICE_GLUE),
            "A bridge that has been cut, or split, or that leaves no saddle.",
            List.of("Spruce comes off with a bridge forced up; the lacquer round it is marked."),
            List.of(
                    "Irons and lamps burn skin and scorch lacquer; old lacquer is flammable.",
                    "A hot knife dives into soft spruce if it is forced.",
                    "Protected woods: follow the law where you are before making, buying or sending parts.")),
    REGLUE_BRIDGE(
            "reglue-bridge",
            "Reglue a lifted bridge",
            Stage.BEFORE,
            true,
            List.of(Standard.HOURS_REGLUE, Standard.PRICE_GLUE),
            "A bridge that a feeler goes under.",
            List.of("Over a warped bridge the clamps only hide the gap: refit it first."),
            List.of(
                    "Slacken all strings first.",
                    "Heat: irons and lamps burn skin and scorch lacquer.",
                    "A hot knife dives into soft spruce if it is forced.")),
    FLOATING_BRIDGE(
            "floating-bridge",
            "Floating bridge: wheels, foot, strips",
            Stage.BRIDGE,
            true,
            List.of(Standard.HOURS_FLOATING),
            "An archtop whose bridge is not at the end of what it can give.",
            List.of("The feet have to be fitted to the arch again, and the saddle's place found again."),
            List.of(
                    "The bridge is loose once the strings are slack: mark its place.",
                    "Wood dust: extraction and a mask.")),
    POCKET_SHIM(
            "pocket-shim",
            "Full-pocket shim",
            Stage.NECK,
            true,
            List.of(Standard.HOURS_SHIM, Standard.PRICE_SHIM),
            "A neck bolted into a flat pocket that is out by a stock angle.",
            List.of("A partial shim leaves a gap that weakens the joint and lets moisture in."),
            List.of("Slacken all strings before the neck comes off.")),
    HEEL_SANDING(
            "heel-sanding",
            "Bolt-on heel sanding",
            Stage.NECK,
            false,
            List.of(Standard.HOURS_SANDING, Standard.PRICE_GLUE),
            "A bolted heel that needs more or other than a stock shim.",
            List.of("Too much off, or crooked, has to be put back with veneer."),
            List.of("Slacken all strings before the neck comes off.", "Abrasive dust: extraction and a mask.")),
    NECK_RESET(
            "neck-reset",
            "Neck reset",
            Stage.NECK,
            false,
            ShopStandards.RESET,
            "A good instrument whose body has folded: the only way that gives it its years back.",
            List.of(
                    "Lacquer at the heel, a cracked heel or extension; an amateur should not learn it on one that matters."),
            List.of(
                    "Steam and boiling water scald; steam under pressure in a home-made boiler can burst.",
                    "Heat blankets and irons burn skin and scorch lacquer; old lacquer is flammable and may blush.",
                    "Slacken all strings before the neck comes off.",
                    "Chisels: both hands behind the edge, the piece held.",
                    "Mains tools near water and steam: keep them apart.")),
    BACK_SLIP(
            "back-slip",
            "Back slipped, the neck pulled",
            Stage.NECK,
            false,
            List.of(Standard.HOURS_BACK, Standard.PRICE_GLUE),
            "A cheap or sentimental instrument, while its back is open anyway.",
            List.of("The rim changes shape, the binding no longer meets; no way back."),
            List.of(
                    "A hot knife dives into soft wood if it is forced.",
                    "Under clamps a rim can crack: slowly, with heat.")),
    SAW_AND_BOLT(
            "saw-and-bolt",
            "Saw and bolt",
            Stage.NECK,
            false,
            List.of(Standard.HOURS_SAW, Standard.PRICE_BOLTS, Standard.PRICE_GLUE),
            "A last resort for an instrument of little value that is never going to rise.",
            List.of("The joint is gone for good."),
            List.of(
                    "The saw: both hands behind the teeth, the neck held.",
                    "Drilling: hold thin stock with a backing, not a fingertip beside the bit.")),
    MEND_FIRST(
            "mend-first",
            "Brace or belly repair first",
            Stage.BEFORE,
            true,
            List.of(Standard.HOURS_MEND, Standard.PRICE_GLUE),
            "Any instrument with something loose or cracked through.",
            List.of("Numbers taken before are about another instrument: measure again."),
            List.of("Slacken all strings first.", "Glues and thinners: air, gloves, no flame.")),
    SLIDE(
            "slide",
            "Slide set-up",
            Stage.NUT,
            true,
            List.of(Standard.HOURS_SLIDE, Standard.PRICE_NUT),
            "A player with a slide, and an old neck that may stay as it is.",
            List.of("No longer played with the fingers until the nut is changed back."),
            List.of("Higher strings pull harder on the bridge: tune lower if it is light."));

    /** When in the order of the work it is done: relief, nut, saddle, bridge, neck. */
    public enum Stage {
        BEFORE,
        RELIEF,
        NUT,
        SADDLE,
        BRIDGE,
        NECK
    }

    private final String key;
    private final String label;
    private final Stage stage;
    private final boolean reversible;
    private final List<Standard> prices;
    private final String suits;
    private final List<String> risks;
    private final List<String> cautions;

    WayId(
            String key,
            String label,
            Stage stage,
            boolean reversible,
            List<Standard> prices,
            String suits,
            List<String> risks,
            List<String> cautions) {
        this.key = key;
        this.label = label;
        this.stage = stage;
        this.reversible = reversible;
        this.prices = prices;
        this.suits = suits;
        this.risks = risks;
        this.cautions = cautions;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /** Returns when in the order of the work it is done. */
    public Stage stage() {
        return stage;
    }

    /** Tells whether it can be undone, as a rule. */
    boolean reversible() {
        return reversible;
    }

    /** Returns the shop's hours and the parts it takes. */
    public List<Standard> prices() {
        return prices;
    }

    /** Returns whom it suits, in a sentence. */
    public String suits() {
        return suits;
    }

    /** Returns what may go wrong, in sentences. */
    public List<String> risks() {
        return risks;
    }

    /** Returns what to mind for the sake of skin, lungs and law, in sentences. */
    public List<String> cautions() {
        return cautions;
    }

    /** Tells whether it takes the neck off or turns it for good. */
    public boolean turnsNeck() {
        return this == POCKET_SHIM
                || this == HEEL_SANDING
                || this == NECK_RESET
                || this == BACK_SLIP
                || this == SAW_AND_BOLT;
    }
}
