package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * How displays and sensors are joined.
 *
 * @param shares      what displays share
 * @param terminators at the ends of the bus, 0 to 4
 * @param leads       cables between devices that are no supply
 */
@RecordBuilder
public record NetworkPlan(
        List<Shared> shares,
        Figure terminators,
        @PartList(PartKind.DATA_LEAD) List<DataLead> leads) implements NetworkPlanBuilder.With {

    public static final NetworkPlan NONE = new NetworkPlan(List.of(), Figure.UNSET, List.of());

    private static final int MOST_LEADS = 40;

    /** Whose cables are not said. */
    public NetworkPlan(List<Shared> shares, Figure terminators) {
        this(shares, terminators, List.of());
    }

    /** The lead with this id, if it is one. */
    public Optional<DataLead> lead(String id) {
        for (DataLead lead : leads) {
            if (lead.id().equals(id)) {
                return Optional.of(lead);
            }
        }
        return Optional.empty();
    }

    /** With one data lead replaced by the one of the same id. */
    public NetworkPlan with(DataLead lead) {
        return withLeads(leads.stream()
                .map(each -> each.id().equals(lead.id()) ? lead : each)
                .toList());
    }

    public NetworkPlan {
        shares = Checks.atMost("shares", Shared.values().length, shares);
        Figure.within("terminators", terminators, 0, 4, "terminators");
        leads = Checks.atMost("leads", MOST_LEADS, leads);
    }
}
