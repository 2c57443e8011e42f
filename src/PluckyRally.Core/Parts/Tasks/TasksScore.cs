using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out tasks.</summary>
internal static class TasksScore
{
    /// <summary>Times of tasks are read to a tenth of a second.</summary>
    public const decimal Step = 0.1m;

    public static PartValue Value(Part.Tasks part, DesignRecord design)
    {
        var ticks = PartEntries.Of<Entry.TaskTicked>(design, part.Id);
        var timed = PartEntries.Of<Entry.TasksTimed>(design, part.Id);
        // When a round is closed nothing more can come: who did nothing has done none of them.
        if (ticks.Count == 0 && !design.Team.RoundIsClosed)
            return PartValue.Without(new Absence.NoTaskTicked());
        var steps = new List<Working>();
        decimal sum = 0;
        var done = 0;
        foreach (var item in part.Items)
        {
            if (ticks.LastOrDefault(t => t.Task == item.Id) is not { } tick || StepsDone(tick, item) == 0)
                continue;
            var count = StepsDone(tick, item);
            if (count == item.Steps)
                done++;
            var among = item.FirstTeams is { } first ? First.Of(part.Id, item, first, tick, design) : null;
            var late = among is { IsAmong: false };
            var points = late ? 0 : item.Points * count / item.Steps;
            sum += points;
            steps.Add(
                new Working.TaskDone(item, count, points, late, among is { ClocksDiffer: true }) { Entries = [tick.Id] }
            );
        }

        if (done == part.Items.Count && part.AllDoneBonus != 0)
        {
            sum += part.AllDoneBonus;
            steps.Add(new Working.AllTasksDone(part.AllDoneBonus));
        }

        var order = part.Race is { } race ? TaskRaceOrder.Of(part, race, design) : null;
        if (order is not null)
        {
            var bonus =
                order.Place is { } place && place <= part.Race!.Bonuses.Count ? part.Race.Bonuses[place - 1] : 0;
            sum += bonus;
            steps.Add(
                new Working.Raced(part.Race!, done, order, bonus) { Entries = order.Tick is { } tick ? [tick] : [] }
            );
        }

        if (part.TimePoints is { } time)
        {
            if (timed.Count == 0 || timed[^1].Time.Value is not { } seconds)
                return PartValue.Without(new Absence.TasksNotTimed()) with { Steps = steps };
            var units = Math.Max(0, (time.From - seconds) / time.Seconds);
            var counted = time.Exact ? units : decimal.Floor(units);
            sum += counted * time.Points;
            steps.Add(new Working.TimeLeft(seconds, time, counted) { Entries = [timed[^1].Id] });
        }

        return PartValue.Scored(sum, steps) with
        {
            Facts = Facts(part, ticks, timed, order),
        };
    }

    private static IReadOnlyList<BoundedValue> Facts(
        Part.Tasks part,
        IReadOnlyList<Entry.TaskTicked> ticks,
        IReadOnlyList<Entry.TasksTimed> timed,
        TaskRaceOrder? race
    )
    {
        var steps = part
            .Items.Select(i => ticks.LastOrDefault(t => t.Task == i.Id) is { } tick ? StepsDone(tick, i) : 0)
            .ToList();
        var time =
            timed.Count > 0 && timed[^1].Time.Value is { } seconds
                ? new BoundedValue(seconds)
                : BoundedValue.None(new Absence.TasksNotTimed());
        return
        [
            new(part.Items.Where((item, i) => steps[i] == item.Steps).Count()),
            time,
            .. race is null ? []
            : race.Place is { } place ? [new BoundedValue(place)]
            : new[] { BoundedValue.None(new Absence.RaceNotFinished()) },
            .. steps.Select(s => new BoundedValue(s)),
        ];
    }

    private static int StepsDone(Entry.TaskTicked tick, TaskItem item) => tick.Steps ?? item.Steps;

    /// <summary>Whether a team was among the first to do all of a task.</summary>
    /// <param name="IsAmong">In the order in which the log received it, or as a judge ruled.</param>
    /// <param name="ClocksDiffer">Whether the order by the devices' own clocks would say otherwise, and nobody has
    /// ruled.</param>
    private sealed record First(bool IsAmong, bool ClocksDiffer)
    {
        /// <summary>A slot once taken stays taken; a judge's ruling outweighs the order.</summary>
        public static First Of(string part, TaskItem item, int first, Entry.TaskTicked last, DesignRecord design)
        {
            if (last.AmongFirst is { } ruling)
                return new(ruling, ClocksDiffer: false);
            var done = design
                .Team.Round.OfType<Entry.TaskTicked>()
                .Where(t => t.Part == part && t.Task == item.Id)
                .ToList();
            var whole = done.Where(t => StepsDone(t, item) == item.Steps).ToList();
            var ruledIn = whole.Select(t => t.Team).Distinct().Count(t => Ruling(t) == true);
            var among = IsIn(whole);
            return new(among, ClocksDiffer: IsIn(whole.OrderBy(t => t.DeviceAt ?? t.At)) != among);

            bool IsIn(IEnumerable<Entry.TaskTicked> order) =>
                order
                    .Select(t => t.Team)
                    .Distinct()
                    .Where(t => Ruling(t) is null)
                    .Take(Math.Max(0, first - ruledIn))
                    .Contains(design.Team.Team.Id);

            bool? Ruling(TeamId team) => done.Last(t => t.Team == team).AmongFirst;
        }
    }
}
