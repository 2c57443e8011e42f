using PluckyRally.Core.Briefs;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Rehearsals;

/// <summary>After the class: what was expected of each thing, and what came, reading by reading.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Range">The smallest, usual and largest value that was expected; absent for what happens or does
/// not.</param>
/// <param name="Expected">What was expected, as it is shown.</param>
/// <param name="Came">What came, as it is shown.</param>
/// <param name="Says">The two compared, in a sentence.</param>
/// <param name="Readings">What came, one by one: only of things that are read.</param>
/// <param name="Learn">The brief's range as it would be after this; absent where it fits, or where the brief has none
/// of its own.</param>
public sealed record ExpectedAndCame(
    string Name,
    Pert? Range,
    string Expected,
    string Came,
    string Says,
    IReadOnlyList<ReadingThatCame> Readings,
    MemoryOffer? Learn
)
{
    /// <summary>
    /// What came in a round, in attempts that count, thing by thing in the brief's order; things of which nothing came
    /// are left out.
    /// </summary>
    public static IReadOnlyList<ExpectedAndCame> Of(OpenedRally opened, int round)
    {
        var compiled = opened.In(round).Compiled;
        var came = ThingsRemembered.OfRound(opened, round).Where(c => !c.Came.OfFailed).ToLookup(c => c.Came.Handle);
        return
        [
            .. from thing in RehearsedThings.Of(compiled, ThingsRemembered.Nothing)
            let of = came[thing.Handle].ToList()
            where of.Count > 0
            select Of(thing, of, compiled.Measures.GetValueOrDefault(thing.Handle)),
        ];
    }

    /// <summary>
    /// What readings of earlier rallies say of the ranges that a brief expects: those that lie outside are offered,
    /// never taken.
    /// </summary>
    /// <param name="brief">The brief as it stands now.</param>
    /// <param name="rallies">Its rallies.</param>
    internal static IEnumerable<MemoryOffer> Ranges(Brief brief, IReadOnlyList<OpenedRally> rallies)
    {
        var came = rallies.SelectMany(r => ThingsRemembered.OfEach(r).SelectMany(g => g)).ToLookup(c => c.Came.Handle);
        return brief.Measures.Select(m => Learnt(m, [.. came[m.Id]])).OfType<MemoryOffer>();
    }

    private static ExpectedAndCame Of(RehearsedThing thing, IReadOnlyList<CameFrom> came, Measure? measure)
    {
        string Shown(decimal value) =>
            thing is RehearsedThing.Amount { Of: var of }
                ? ReadingFormat.Value(
                    value,
                    measure ?? Figure.Exact(thing.Handle, thing.Name, of.Step) with { Unit = of.Unit }
                )
                : "";
        if (thing.Shown is not { Expected: { } pert })
        {
            var (happened, all) = (came.Sum(c => c.Came.Value), came.Sum(c => c.Came.Of));
            return new(
                thing.Name,
                null,
                RehearsalWords.TimesOfAHundred(thing.Shown.InAHundred ?? 0),
                RehearsalWords.TimesOf(happened, all),
                "",
                [],
                null
            );
        }

        var values = came.Select(c => c.Came.Value).ToList();
        var sorted = values.Order().ToList();
        bool Inside(decimal value) => value >= pert.Low && value <= pert.High;
        return new(
            thing.Name,
            pert,
            RehearsalWords.Range(Shown(pert.Low), Shown(pert.High)),
            RehearsalWords.Range(Shown(sorted[0]), Shown(sorted[^1])),
            RehearsalWords.OutsideOf(
                values.Count(v => !Inside(v)),
                values.Count,
                Shown((decimal)Summary.Of([.. values.Select(v => new BoundedValue(v))])!.Median),
                thing.Shown.IsGuess
            ),
            measure is null
                ? []
                :
                [
                    .. came.Select(c => new ReadingThatCame(
                        c.Team,
                        c.Attempt,
                        c.Came.Value,
                        Shown(c.Came.Value),
                        Inside(c.Came.Value)
                    )),
                ],
            measure is null ? null : Learnt(measure, came)
        );
    }

    /// <summary>
    /// A range that some readings lie outside of, or that is more than twice as wide as all that came.
    /// </summary>
    private static MemoryOffer? Learnt(Measure measure, IReadOnlyList<CameFrom> all)
    {
        var came = all.Where(c => c.Came.Unit == measure.Unit).ToList();
        if (measure.Expected is not { } expected || came.Count < RehearsedThing.Fewest)
            return null;
        var (low, high) = (came.Min(c => c.Came.Value), came.Max(c => c.Came.Value));
        if (
            low == high
            || (
                low >= expected.Smallest
                && high <= expected.Largest
                && expected.Largest - expected.Smallest <= 2 * (high - low)
            )
        )
            return null;
        var learnt = expected.Low <= expected.High ? new Expected(low, high) : new Expected(high, low);
        return new(
            RehearsalWords.CameOtherwise(
                measure,
                came.Count,
                ReadingFormat.Value(low, measure),
                ReadingFormat.Value(high, measure),
                ReadingFormat.Value(expected.Smallest, measure),
                ReadingFormat.Value(expected.Largest, measure)
            ),
            new Fix(
                RehearsalWords.Expect(ReadingFormat.Value(low, measure), ReadingFormat.Value(high, measure)),
                [Change.Set($"/measures/{measure.Id}/expected", learnt)]
            )
        );
    }
}

/// <summary>One reading that came.</summary>
/// <param name="Team">The team.</param>
/// <param name="Attempt">In which attempt; 0 where it is measured once.</param>
/// <param name="Value">The reading.</param>
/// <param name="Text">The reading as it is shown.</param>
/// <param name="Inside">Whether it lies where it was expected.</param>
public sealed record ReadingThatCame(string Team, int Attempt, decimal Value, string Text, bool Inside);
