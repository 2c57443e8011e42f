using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Route;
using PluckyRally.Core.Time;

namespace PluckyRally.Web.Briefs;

/// <summary>What the core says of a brief while it is written.</summary>
/// <param name="Problems">What has to be fixed before a rally; each at its field.</param>
/// <param name="Snags">Everything that was found, what stops first.</param>
/// <param name="Left">Snags that the teacher has decided to leave.</param>
/// <param name="Scoring">How it is scored, written from the method; empty while it cannot be run.</param>
/// <param name="Sheet">The lines of the student sheet that are written from the rest.</param>
/// <param name="Tiers">The differences between the tiers, and what can differ.</param>
/// <param name="Lengths">How a new length is measured in this brief.</param>
/// <param name="Facts">What tie-breaks and awards can look at.</param>
/// <param name="Time">How long it takes.</param>
/// <param name="Timetable">The phases laid over the lessons.</param>
/// <param name="Route">How far along the route it is.</param>
public sealed record BriefCheckup(
    IReadOnlyList<Problem> Problems,
    IReadOnlyList<Snag> Snags,
    IReadOnlyList<Snag> Left,
    IReadOnlyList<string> Scoring,
    StudentSheet Sheet,
    TestFits TestFits,
    TierTable Tiers,
    UsualMeasure Lengths,
    IReadOnlyList<Fact> Facts,
    IReadOnlyList<Resting> Resting,
    TimeNeeded Time,
    Timetable Timetable,
    IReadOnlyList<Pennant> Route
)
{
    internal static BriefCheckup Of(Brief brief, IReadOnlyList<CupboardItem> cupboard)
    {
        var compiled = CompiledEdition.For(new Edition { Brief = brief });
        var ready = compiled.IsOk ? compiled.Value : null;
        var (snags, left) = Core.Briefs.Snags.Look(brief);
        return new(
            [.. snags.Where(s => s.Weight == SnagWeight.Stops).Select(s => new Problem(s.At, s.What, s.Why))],
            FixHarm.Say(brief, snags),
            left,
            ready is null ? [] : MethodWords.Say(ready),
            StudentSheet.Of(brief, ready),
            TestFits.Of(brief),
            TierTable.Of(brief),
            UsualMeasure.Of(brief, MeasureKind.Length),
            Fact.Of(brief),
            Core.Briefs.Resting.Of(brief),
            TimeNeeded.Of(brief),
            Timetable.Of(brief),
            Bunting.OfBrief(brief, snags, cupboard)
        );
    }
}

/// <summary>Minutes of a brief.</summary>
/// <param name="Phases">The minutes of each phase, by its id.</param>
/// <param name="Needed">The minutes of all.</param>
/// <param name="Room">The minutes that the lessons leave; absent where their length is not said.</param>
public sealed record TimeNeeded(IReadOnlyDictionary<string, decimal> Phases, decimal Needed, decimal? Room)
{
    internal static TimeNeeded Of(Brief brief) =>
        new(
            brief
                .Timing.Phases.DistinctBy(p => p.Id)
                .ToDictionary(p => p.Id, p => Minutes.Of(p, brief.Timing.Teams, brief.Trials.Attempts)),
            Minutes.OfAll(brief),
            Minutes.Room(brief.Timing)
        );
}
