using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>A design of a team beside its others.</summary>
/// <param name="Name">Its name; empty for the first, which was not named.</param>
/// <param name="Counts">Whether it is the team's result.</param>
/// <param name="Changed">What was changed on it, as it was last noted.</param>
/// <param name="Labels">How it is described: "arm: long".</param>
/// <param name="Values">What it came to in each part that has a value, as shown.</param>
public sealed record DesignShown(
    string Name,
    bool Counts,
    string Changed,
    IReadOnlyList<string> Labels,
    IReadOnlyList<string> Values
)
{
    internal static IReadOnlyList<DesignShown> Of(RunRound run, TeamResult result, IReadOnlyList<Assessment> designs)
    {
        if (designs.Count < 2 && DesignLabels.Of(result.Record.Entries, designs[0].Design.Name).Count == 0)
            return [];
        var noted = result.Record.Entries.OfType<Entry.DesignNoted>().ToLookup(n => n.Design);
        return
        [
            .. designs.Select(d => new DesignShown(
                result.Record.Called(d.Design.Name),
                d.Design.Name == result.Assessment.Design.Name,
                noted[d.Design.Name].LastOrDefault(n => n.Changed.Length > 0)?.SayChanged ?? "",
                DesignLabels.Lines(result.Record.Entries, d.Design.Name),
                [
                    .. run
                        .Compiled.Parts.Select((plan, at) => (plan, Value: d.Values[at]))
                        .Where(p => p.Value.State == PartState.Scored)
                        .Select(p => $"{p.plan.Part.Name}: {p.plan.Show(p.Value.Value)}"),
                ]
            )),
        ];
    }
}
