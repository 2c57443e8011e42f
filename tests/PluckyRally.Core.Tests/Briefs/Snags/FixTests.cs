using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>What is offered to fix something fixes it, and breaks nothing else.</summary>
public sealed class FixTests
{
    public static TheoryData<Pattern, UnitSystem> Every =>
        new(
            from pattern in Enum.GetValues<Pattern>()
            from units in Enum.GetValues<UnitSystem>()
            select (pattern, units)
        );

    [Theory]
    [MemberData(nameof(Every))]
    public void Every_fix_in_every_pattern_and_tier_leaves_no_more_stops_and_mends_what_it_is_for(
        Pattern pattern,
        UnitSystem units
    )
    {
        var brief = Patterns.Begin(pattern, GradeBand.From3To5, units);
        foreach (var broken in Broken(brief))
            Fixes(broken, $"{pattern} {units}");
        foreach (var band in Enum.GetValues<GradeBand>().Where(b => b != GradeBand.Unsaid))
            Fixes(GradeTierTests.Offered(brief, band), $"{pattern} {units} {band}");
    }

    [Fact]
    public void A_fix_that_does_not_fit_a_rule_or_the_lesson_says_so()
    {
        // A lesson that just holds one attempt of each team: three would run over it.
        var brief = Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Metric);
        var mean = brief with
        {
            Method = brief.Method with
            {
                Parts =
                [
                    .. brief.Method.Parts.Select(p => p is Part.Measured m ? m with { Combine = Combine.Mean } : p),
                ],
            },
            Trials = brief.Trials with { Attempts = 1 },
        };
        mean = mean with
        {
            Timing = mean.Timing with
            {
                Lesson = Math.Ceiling(Minutes.OfAll(mean)),
                Lessons = 1,
                SetUp = 0,
                CleanUp = 0,
            },
        };
        var snag = FixHarm.Say(mean, Snags.Of(mean)).First(s => s.Fix?.Label == "Make 3 attempts");
        snag.Fix!.But.ShouldStartWith("It takes ");

        // The plan of the stages needs 54 sticks where a rule allows 50.
        var stages = Sample.Simple() with
        {
            Rules = [Sample.Inspection("sticks", new Consequence.NoteOnly()) with { Text = "At most 50 sticks" }],
            Materials = [Sample.Material("sticks", "sticks", amount: 40)],
            Stages = new StagePlan
            {
                Measure = "height",
                Stages =
                [
                    new Stage
                    {
                        Id = "base",
                        Name = "Base",
                        Adds = 5,
                        Needs = [new("sticks", 54)],
                    },
                ],
            },
        };
        FixHarm
            .Say(stages, Snags.Of(stages))
            .Single(s => s.Id == "stages")
            .Fix!.But.ShouldBe("“At most 50 sticks” allows fewer; change it too.");
    }

    /// <summary>The brief half-way written or carelessly changed.</summary>
    private static IEnumerable<Brief> Broken(Brief brief) =>
        [
            brief with
            {
                Title = "",
            },
            brief with
            {
                Trials = brief.Trials with { How = "", Attempts = 1 },
            },
            brief with
            {
                Materials = [.. brief.Materials.Select(m => m with { Amount = null })],
            },
            brief with
            {
                Timing = brief.Timing with { Lesson = 12, Lessons = 1 },
            },
            brief with
            {
                Hazards = [],
            },
            brief with
            {
                Conditions = [],
            },
        ];

    private static void Fixes(Brief brief, string where)
    {
        var before = Snags.Of(brief);
        var stops = before.Count(s => s.Weight == SnagWeight.Stops);
        foreach (var snag in before.Where(s => s.Fix is not null))
        {
            var corrected = Changes.Apply(brief, snag.Fix!.Changes);
            corrected.IsOk.ShouldBeTrue($"{where}: {snag.What} {snag.Fix.Label}");
            var after = Snags.Of(corrected.Value.Value);
            var left = after.Count(s => s.Weight == SnagWeight.Stops);
            // A caution that is added has still to be read; that is asked for in its own place.
            var unread = after.Count(s => s.Id == "caution") - before.Count(s => s.Id == "caution");
            (left - Math.Max(0, unread)).ShouldBeLessThanOrEqualTo(
                snag.Weight == SnagWeight.Stops ? stops - 1 : stops,
                $"{where}: {snag.What} {snag.Fix.Label}: "
                    + string.Join("; ", after.Where(s => s.Weight == SnagWeight.Stops).Select(s => s.What))
            );
            after.ShouldNotContain(
                s => s.Id == snag.Id && s.At == snag.At && s.Tier == snag.Tier && s.What == snag.What,
                $"{where}: {snag.What} {snag.Fix.Label}"
            );
        }
    }
}
