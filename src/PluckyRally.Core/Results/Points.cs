using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Gives a design its points.</summary>
/// <param name="compiled">The edition.</param>
/// <param name="earlier">What stood for each team in the round before.</param>
internal sealed class Points(CompiledEdition compiled, IReadOnlyDictionary<TeamId, Assessment> earlier)
{
    /// <summary>The points of a design, compared with the fields of the parts.</summary>
    public DesignResult Of(TeamId team, Assessment design, IReadOnlyList<Field> fields)
    {
        var before = earlier.GetValueOrDefault(team);
        var parts = new PartResult[fields.Count];
        for (var at = 0; at < parts.Length; at++)
            parts[at] = PartPoints.Of(
                compiled.Parts[at],
                design,
                at,
                compiled.Brief.Method,
                fields[at].PoolOf(team, design.Values[at], Earlier(before, at))
            );
        return Totals.Of(compiled, design, parts);
    }

    private static BoundedValue Earlier(Assessment? before, int at) =>
        before switch
        {
            null => BoundedValue.None(new Absence.NoEarlierRound()),
            _ when before.Values[at] is { State: PartState.Scored } known => known.Value,
            _ => BoundedValue.None(new Absence.NoEarlierSuccess()),
        };
}
