using System.Diagnostics;
using System.Globalization;

namespace PluckyRally.Core;

/// <summary>What has been recorded of a part that is not measured in trials, as a judge goes on from it.</summary>
/// <param name="Id">The part's id.</param>
/// <param name="Answers">
/// By what was asked: for a task its steps, for a leg (by its number) and for <c>time</c> the time as shown, for a fault, a counter
/// and something bought how many, for <c>items</c> how many were brought over, for an item its bin, for a criterion its level
/// (of another team: that team's id, a bar and the criterion).
/// </param>
/// <param name="Sequence">For an order: the items' ids as the team has them.</param>
/// <param name="Pieces">For pieces: what was counted.</param>
/// <param name="Working">How it is worked out so far, a sentence a line.</param>
/// <param name="Points">Its points; empty while there are none.</param>
public sealed record PartSoFar(
    string Id,
    IReadOnlyDictionary<string, string> Answers,
    IReadOnlyList<string> Sequence,
    IReadOnlyList<PieceGroup> Pieces,
    IReadOnlyList<string> Working,
    string Points)
{
    /// <summary>For pieces: whether they are to be measured, because their points or a rule look at their size.</summary>
    public bool Measured { get; init; }

    internal static PartSoFar Of(PartPlan plan, IReadOnlyList<RulePlan> rules, TeamResult result, int at)
    {
        var part = plan.Part;
        var design = result.Assessment.Design;
        var value = result.Assessment.Values[at];
        var points = result.Parts[at].Points;
        return new(
            part.Id,
            Answered(part, design).GroupBy(a => a.Asked).ToDictionary(g => g.Key, g => g.Last().Answer),
            part is Part.Ordering && PartEntries.Of<Entry.OrderGiven>(design, part.Id) is [.., var given] ? given.Sequence : [],
            part is Part.Pieces && PartEntries.Of<Entry.PiecesCounted>(design, part.Id) is [.., var counted] ? counted.Pieces : [],
            value.State == PartState.Unfinished ? [] : [.. value.Lines.Select(l => l.Sentence)],
            points is { } number && value.State != PartState.Unfinished ? MethodWords.Points(number) : "")
        {
            Measured = plan is PartPlan.Pieces pieces && (pieces.Each.Measures.Any(m => m.Id is "length" or "width") || rules.Any(r => LooksAtSize(r.Rule.Check, part.Id))),
        };
    }

    private static bool LooksAtSize(RuleCheck check, string part) => check switch
    {
        RuleCheck.Ladder ladder => ladder.Part == part,
        RuleCheck.Ratio ratio => ratio.Part == part,
        RuleCheck.AllDifferent different => different.Part == part,
        _ => false,
    };

    /// <summary>What was asked and answered, in order: the last answer stands.</summary>
    private static IEnumerable<(string Asked, string Answer)> Answered(Part part, DesignRecord design)
    {
        IReadOnlyList<T> All<T>()
            where T : Entry, IPartEntry => PartEntries.Of<T>(design, part.Id);
        return part switch
        {
            Part.Tasks tasks =>
            [
                .. All<Entry.TaskTicked>().Select(t => (t.Task, Whole(t.Steps ?? tasks.Items.First(i => i.Id == t.Task).Steps))),
                .. All<Entry.TasksTimed>().Select(t => ("time", PartEntries.Show(t.Time.Value ?? 0, TasksScore.Step))),
            ],
            Part.Relay relay =>
            [
                .. All<Entry.LegTimed>().Select(l => (Whole(l.Leg), PartEntries.Show(l.Time.Value ?? 0, relay.Step))),
                .. All<Entry.RelayFaulted>().GroupBy(f => f.Fault).Select(g => (g.Key, Whole(g.Sum(f => f.Count)))),
                .. All<Entry.ItemsCarried>().Select(c => ("items", Whole(c.Count))),
                .. All<Entry.RelayStopped>().Select(s => ("stopped", s.Reason)),
            ],
            Part.Bins => All<Entry.ItemsSorted>() is [.., var sorted]
                ? [.. sorted.Placed.Select(p => (p.Key, p.Value)), .. sorted.Time?.Value is { } time ? new[] { ("time", PartEntries.Show(time, BinsScore.Step)) } : []]
                : [],
            Part.Rubric => All<Entry.LevelGiven>().Select(l => (l.From.Length > 0 && l.From != design.Team.Team.Id ? $"{l.From}|{l.Criterion}" : l.Criterion, Whole(l.Level))),
            Part.Budget =>
                All<Entry.Purchased>().Select(p => (p.Item, p.Count)).Concat(All<Entry.Returned>().Select(r => (r.Item, Count: -r.Count)))
                    .GroupBy(m => m.Item).Select(g => (g.Key, Whole(g.Sum(m => m.Count)))),
            Part.Tally => All<Entry.Tallied>().GroupBy(t => t.Counter).Select(g => (g.Key, Whole(g.Sum(t => t.Count)))),
            Part.Ordering or Part.Pieces or Part.Measured => [],
            _ => throw new UnreachableException(),
        };
    }

    private static string Whole(int number) => number.ToString(CultureInfo.InvariantCulture);
}
