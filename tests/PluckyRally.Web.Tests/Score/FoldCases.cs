using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Tests.Score;

/// <summary>
/// What a device has in hand and what it must then show: a sheet, entries that it has recorded and the sheet has not
/// seen, and the sheet that the core makes of both.
/// </summary>
/// <param name="Called">What the case is about, or the seed that drew it.</param>
/// <param name="Trials">The brief's attempts.</param>
/// <param name="Sheet">The sheet before.</param>
/// <param name="Waiting">The entries.</param>
/// <param name="Then">The sheet with them.</param>
public sealed record FoldCase(
    string Called,
    Trials Trials,
    JudgeSheetView Sheet,
    IReadOnlyList<Entry> Waiting,
    JudgeSheetView Then
);

/// <summary>
/// Cases for the browser's fold: some that are told, others drawn by a seed, each accepted entry by entry as a judge
/// would record it.
/// </summary>
internal static partial class FoldCases
{
    private const string Terns = "terns";
    private static readonly IReadOnlyList<Team> Teams =
    [
        new()
        {
            Id = new(Terns),
            Name = "Terns",
            Members = 3,
        },
        new()
        {
            Id = new("whelks"),
            Name = "Whelks",
            Members = 3,
        },
    ];

    public static IEnumerable<FoldCase> All =>
        [
            Told("an attempt is made", before: [], Trial(1)),
            Told("a failed attempt asks for a fresh build", before: [Trial(1)], Trial(2, TrialOutcome.Failed)),
            Told("a fresh build was tried", before: [Trial(1, TrialOutcome.Failed)], Trial(2, revision: 2)),
            Told("a void attempt uses none up", before: [], Trial(null, TrialOutcome.Void)),
            Told("an attempt needs a decision", before: [], Trial(1, TrialOutcome.Waiting)),
            Told(
                "an attempt that needed a decision has one",
                before: [Trial(1, TrialOutcome.Waiting, number: 900)],
                Trial(1),
                Strike(900)
            ),
            Told("a failed attempt is taken back", before: [Trial(1, TrialOutcome.Failed, number: 900)], Strike(900)),
            Told("what was recorded is undone before it is sent", before: [], Trial(1, number: 900), Strike(900)),
            Told("another design", before: [Trial(1)], Trial(1, design: "wide", number: 2)),
            Split("one judge reads a part of an attempt", before: [], PartOf(1, "height", leaves: "line")),
            Split(
                "another judge reads the rest of it",
                before: [PartOf(1, "height", leaves: "line")],
                PartOf(2, "line", leaves: "height"),
                Check("stands", true, attempt: 1)
            ),
            Split(
                "a part of an attempt is taken back",
                before: [PartOf(900, "height", leaves: "line"), PartOf(1, "line", leaves: "height")],
                Strike(900)
            ),
            Told(
                "another design has what is left of the team's attempts",
                Begin(Brief(3, fresh: false).For(team: true)),
                before: [Trial(1), Trial(2, number: 2)],
                [Trial(1, design: "wide", number: 3)]
            ),
            Told(
                "the first design is named",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Called = "narrow",
                    Team = new(Terns),
                }
            ),
            Told(
                "a design is changed, then it is described",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Changed = "a wider foot",
                    Also = "",
                    Team = new(Terns),
                },
                new Entry.DesignNoted
                {
                    Id = Id(2),
                    Labels = new Dictionary<string, string> { ["foot"] = "wide" },
                    Team = new(Terns),
                }
            ),
            Told(
                "a design is changed",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Revision = 2,
                    Changed = "a wider foot",
                    Team = new(Terns),
                }
            ),
            Told("a must-have outside of attempts", before: [], Check("floats", true)),
            Told(
                "a must-have that two people see differently",
                before: [Check("floats", true, number: 21) with { By = "Aide" }],
                Check("floats", false)
            ),
            Told("a must-have is taken back", before: [Check("floats", false, number: 900)], Strike(900)),
            Told(
                "a must-have of an attempt before its reading",
                before: [],
                Check("stands", false, attempt: 1),
                Trial(1)
            ),
            Told("a must-have of an attempt after its reading", before: [Trial(1)], Check("stands", true, attempt: 1)),
            Told("a reading that is taken once", before: [], Once("24")),
            Told(
                "a reading is taken back to the one before",
                before: [Once("24"), Once("25", number: 900)],
                Strike(900)
            ),
            Told(
                "a task goes back to what it was",
                before: [Task("lamp", 1), Task("lamp", 3, number: 900)],
                Strike(900)
            ),
            Told("a counter is taken back", before: [Tally(2), Tally(5, number: 900)], Strike(900)),
            Told("a purchase is taken back", before: [Buy(3), Buy(1, number: 900)], Strike(900)),
            Told("a leg is taken back", before: [Leg(1, "12.5 s", number: 900)], Strike(900)),
            Told(
                "an order goes back to the one before",
                before: [Order("a", "b"), Order("b", "a") with { Id = Id(900) }],
                Strike(900)
            ),
            Told(
                "of two people's orders one is struck out",
                before: [Order("a", "b") with { By = "Aide" }, Order("b", "a") with { Id = Id(900) }],
                Strike(900)
            ),
            Told(
                "a plan is approved, and that is taken back",
                before: [new Entry.PlanCleared { Id = Id(900), Team = new(Terns) }],
                Strike(900)
            ),
            Told(
                "a strike is taken back",
                before: [Tally(2), Tally(5, number: 900), Strike(900)],
                Strike(950, number: 951)
            ),
            Told(
                "a failed attempt comes back",
                before: [Trial(1), Trial(2, TrialOutcome.Failed, number: 900), Strike(900)],
                Strike(950, number: 951)
            ),
            Told("a team came late", before: [], new Entry.CameLate { Id = Id(1), Team = new(Terns) }),
            .. Enumerable.Range(1, 60).Select(Drawn),
            Passed("passed or not: a failed attempt asks nothing", before: [Made(1)], Made(2, TrialOutcome.Failed)),
            Passed("passed or not: an attempt is looked at", before: [Made(1)], Check("stands", true, attempt: 1)),
            Passed(
                "passed or not: judges differ, and the must-haves are asked anyway",
                before: [Made(1) with { By = "Aide" }],
                Made(1, TrialOutcome.Failed) with
                {
                    Id = Id(900),
                    Again = true,
                }
            ),
            Passed(
                "passed or not: a failure is taken back",
                before: [Made(1, TrialOutcome.Failed) with { Id = Id(900) }],
                Strike(900),
                Made(1) with
                {
                    Id = Id(901),
                }
            ),
        ];

    private static FoldCase Told(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting) =>
        Told(called, Begin(3, fresh: true), before, waiting);

    /// <summary>A case of a brief that measures two things in an attempt.</summary>
    private static FoldCase Split(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting)
    {
        var brief = Brief(3, fresh: false);
        var line = brief.Measures[0] with { Id = "line", Name = "Off the line" };
        return Told(called, Begin(brief with { Measures = [.. brief.Measures, line] }), before, waiting);
    }

    /// <summary>A case of a brief that measures nothing in an attempt.</summary>
    private static FoldCase Passed(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting)
    {
        var brief = Brief(3, fresh: false);
        var only = brief with
        {
            Measures = [.. brief.Measures.Where(m => m.Taken == ReadOccasion.Once)],
            Method = brief.Method with { Parts = [.. brief.Method.Parts.Where(p => p is not Part.Measured)] },
        };
        return Told(called, Begin(only), before, waiting);
    }

    private static FoldCase Told(string called, Rally rally, IReadOnlyList<Entry> before, IReadOnlyList<Entry> waiting)
    {
        foreach (var entry in before)
            rally = With(rally, entry) ?? throw new InvalidOperationException($"{called}: {entry} is refused.");
        var sheet = Sheet(rally);
        foreach (var entry in waiting)
            rally = With(rally, entry) ?? throw new InvalidOperationException($"{called}: {entry} is refused.");
        return new(called, rally.Edition.Brief.Trials, sheet, rally.Entries.Skip(before.Count).ToList(), Sheet(rally));
    }

    /// <summary>
    /// What a judge might record, one after the other; the device has sent some of it, and the rest waits.
    /// </summary>
    private static FoldCase Drawn(int seed)
    {
        var random = new Random(seed);
        var rally = Begin(Brief(random.Next(1, 5), random.Next(2) == 0).For(seed % 3 == 0));
        var before = Grow(random, rally, random.Next(0, 14), 1);
        var then = Grow(random, before, random.Next(1, 9), 100);
        // What another entry set aside after it was taken is seen on the server alone.
        if (OpenedRally.Open(then).OrThrow().Aside.Count > 0)
            return Drawn(seed + 1000);
        return new(
            $"drawn by {seed}",
            rally.Edition.Brief.Trials,
            Sheet(before),
            then.Entries.Skip(before.Entries.Count).ToList(),
            Sheet(then)
        );
    }

    private static Rally Grow(Random random, Rally rally, int entries, int number)
    {
        for (var tries = 0; entries > 0 && tries < 200; tries++)
        {
            if (With(rally, Draw(random, rally, number)) is not { } more)
                continue;
            (rally, number, entries) = (more, number + 1, entries - 1);
        }

        return rally;
    }
}
