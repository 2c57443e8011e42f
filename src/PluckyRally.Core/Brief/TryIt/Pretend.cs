using System.Globalization;

namespace PluckyRally.Core;

/// <summary>Writes down what a pretend team did, as judges would.</summary>
internal static class Pretend
{
    public static IEnumerable<Entry> Entries(Playbook playbook, PretendTeam team, IReadOnlyList<Team> teams, int at) =>
        Written(playbook, team, teams, at).Select((entry, i) => entry with { Id = Numbered(at, i) });

    // Nothing pretended is kept, so a number is enough of an id, and the same sheet gives the same rally again.
    private static Guid Numbered(int team, int entry) => new(entry + 1, (short)team, 0, new byte[8]);

    private static IEnumerable<Entry> Written(Playbook playbook, PretendTeam team, IReadOnlyList<Team> teams, int at)
    {
        var id = teams[at].Id;
        var brief = playbook.Brief;
        var attempts = brief.Trials.Attempts;
        foreach (var rule in playbook.Rules.Select(r => r.Rule).Where(r => r.Check is RuleCheck.Inspection))
        {
            var met = !team.Missed.Contains(rule.Id);
            if (rule.When != When.EveryAttempt) yield return new Entry.RuleChecked { Id = default, Team = id, Rule = rule.Id, Met = met };
            else for (var i = 1; i <= attempts; i++) yield return new Entry.RuleChecked { Id = default, Team = id, Rule = rule.Id, Met = met, Attempt = i };
        }

        foreach (var measure in brief.Measures.Where(m => m.Taken == Taken.Once)) yield return new Entry.MeasureRead { Id = default, Team = id, Reading = Read(measure) };
        var each = brief.Measures.Where(m => m.Taken == Taken.EachAttempt).Select(Read).ToList();
        for (var i = 1; i <= attempts && (each.Count > 0 || brief.Method.Parts.Any(p => p is Part.Measured)); i++)
            yield return new Entry.TrialRecorded { Id = default, Team = id, Attempt = i, Outcome = TrialOutcome.Counted, Readings = each };
        foreach (var entry in playbook.Parts.SelectMany(p => OfPart(p.Part, team, teams, at))) yield return entry;

        Reading Read(Measure measure) => new() { Measure = measure.Id, Typed = Typed(measure, team.Values[measure.Id]) };
    }

    private static string Typed(Measure measure, decimal value) => measure.Kind switch
    {
        MeasureKind.YesNo => value >= 1 ? "yes" : "no",
        MeasureKind.Level => measure.Levels[Math.Clamp((int)value, 0, measure.Levels.Count - 1)],
        // Where weights can be counted, a bare number would leave open which.
        _ when measure.Weights.Count > 0 => $"{value.ToString(CultureInfo.InvariantCulture)} {measure.Unit}",
        _ => value.ToString(CultureInfo.InvariantCulture),
    };

    private static IEnumerable<Entry> OfPart(Part part, PretendTeam team, IReadOnlyList<Team> teams, int at)
    {
        var id = teams[at].Id;
        decimal Value(string what) => team.Values[$"{part.Id}.{what}"];
        int Whole(string what) => (int)Math.Clamp(Value(what), 0, 100_000);
        Reading Seconds(decimal seconds) => new() { Measure = part.Id, Typed = seconds.ToString(CultureInfo.InvariantCulture) };
        switch (part)
        {
            case Part.Tasks tasks:
                var left = Whole("done");
                foreach (var item in tasks.Items)
                {
                    var steps = Math.Min(left, item.Steps);
                    left -= steps;
                    yield return new Entry.TaskTicked { Id = default, Team = id, Part = part.Id, Task = item.Id, Steps = steps };
                }

                if (tasks.TimePoints is not null) yield return new Entry.TasksTimed { Id = default, Team = id, Part = part.Id, Time = Seconds(Value("time")) };
                break;
            case Part.Relay relay:
                for (var leg = 1; leg <= relay.Legs.Count; leg++)
                    yield return new Entry.LegTimed { Id = default, Team = id, Part = part.Id, Leg = leg, Time = Seconds(Rounding.ToStep(Value("time") / relay.Legs.Count, relay.Step)) };
                foreach (var fault in relay.Faults.Where(f => Whole(f.Id) > 0))
                    yield return new Entry.RelayFaulted { Id = default, Team = id, Part = part.Id, Fault = fault.Id, Count = Whole(fault.Id) };
                if (relay.PointsPerItem != 0) yield return new Entry.ItemsCarried { Id = default, Team = id, Part = part.Id, Count = Whole("items") };
                break;
            case Part.Bins bins:
                var right = Whole("right");
                yield return new Entry.ItemsSorted
                {
                    Id = default,
                    Team = id,
                    Part = part.Id,
                    Placed = bins.Items.Select((item, i) => (item.Id, Bin: i < right ? item.Bin : bins.Names.FirstOrDefault(n => n != item.Bin) ?? item.Bin)).ToDictionary(p => p.Id, p => p.Bin),
                    Time = bins.SecondsPerWrong is null ? null : Seconds(Value("time")),
                };
                break;
            case Part.Ordering order:
                var inOrder = order.Items.OrderBy(i => i.Key).Select(i => i.Id).ToList();
                yield return new Entry.OrderGiven { Id = default, Team = id, Part = part.Id, Sequence = [.. inOrder.Take(Whole("right")), .. inOrder.Skip(Whole("right")).Reverse()] };
                break;
            case Part.Pieces pieces:
                yield return new Entry.PiecesCounted
                {
                    Id = default,
                    Team = id,
                    Part = part.Id,
                    Pieces = [.. TryHandles.Groups(pieces).Select((g, i) => new PieceGroup { First = g, Second = pieces.Second.Values.Count > 0 ? pieces.Second.Values[i % pieces.Second.Values.Count].Name : "", Count = Whole(g.Length > 0 ? g : "count"), Length = (i + 2) * pieces.Step, Width = (i + 1) * pieces.Step })],
                };
                break;
            case Part.Rubric rubric:
                var from = rubric.Voice switch
                {
                    RubricVoice.Teacher => "",
                    RubricVoice.Self => id,
                    _ => teams[(at + 1) % teams.Count].Id,
                };
                foreach (var criterion in rubric.Criteria)
                    yield return new Entry.LevelGiven { Id = default, Team = id, Part = part.Id, Criterion = criterion.Id, Level = Whole(criterion.Id), From = from };
                break;
            case Part.Budget budget:
                foreach (var price in budget.Prices.Where(p => Whole(p.Id) > 0))
                    yield return new Entry.Purchased { Id = default, Team = id, Part = part.Id, Item = price.Id, Count = Whole(price.Id) };
                break;
            case Part.Tally tally:
                foreach (var counter in tally.Counters.Where(c => Whole(c.Id) > 0))
                    yield return new Entry.Tallied { Id = default, Team = id, Part = part.Id, Counter = counter.Id, Count = Whole(counter.Id) };
                break;
        }
    }
}
