using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Where a team came in in a race to so many tasks.</summary>
/// <param name="Place">From 1; null where it has not done so many.</param>
/// <param name="Tick">The tick that made it so many; null where it has not.</param>
/// <param name="ClocksDiffer">Whether the order by the devices' own clocks would say otherwise.</param>
internal sealed partial record TaskRaceOrder(int? Place, EntryId? Tick, bool ClocksDiffer)
{
    /// <summary>Where a team came in.</summary>
    public static TaskRaceOrder Of(Part.Tasks part, TaskRace race, DesignRecord design)
    {
        var ticks = design.Team.Round.OfType<Entry.TaskTicked>().Where(t => t.Part == part.Id).ToList();
        var order = Order(ticks, part, race);
        var own = order.FindIndex(t => t.Team == design.Team.Team.Id);
        if (own < 0)
            return new(null, null, false);
        var byClocks = Order([.. ticks.OrderBy(t => t.DeviceAt ?? t.At)], part, race);
        return new(own + 1, order[own].Id, byClocks.FindIndex(t => t.Team == design.Team.Team.Id) != own);
    }

    /// <summary>
    /// The tick by which each team had so many tasks done, in order; what was unticked later does not count.
    /// </summary>
    private static List<Entry.TaskTicked> Order(List<Entry.TaskTicked> ticks, Part.Tasks part, TaskRace race)
    {
        var steps = part.Items.ToDictionary(i => i.Id, i => i.Steps);
        var last = ticks
            .Select((tick, at) => (tick, at))
            .GroupBy(t => (t.tick.Team, t.tick.Task))
            .Select(of => of.Last())
            .Where(t => steps.TryGetValue(t.tick.Task, out var all) && (t.tick.Steps ?? all) == all);
        return
        [
            .. last.GroupBy(t => t.tick.Team)
                .Select(of => of.OrderBy(t => t.at).Skip(race.Done - 1).ToList())
                .Where(reached => reached.Count > 0)
                .Select(reached => reached[0])
                .OrderBy(t => t.at)
                .Select(t => t.tick),
        ];
    }
}
