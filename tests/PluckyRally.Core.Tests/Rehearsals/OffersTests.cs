using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Time;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>Changes that help are tried with the same classes, and two methods are held side by side.</summary>
public sealed class OffersTests
{
    /// <summary>So many classes tell these offers apart; a rehearsal of its own plays a thousand.</summary>
    private static readonly int Few = Thorough.Times(250);

    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    /// <summary>
    /// By the normal distribution the mean of four finds the better of two more often than one attempt does; how much
    /// more stands in LuckAndSkillTests.
    /// </summary>
    [Fact]
    public void Against_luck_more_attempts_are_offered_with_what_they_come_to_and_the_minutes_they_take()
    {
        var brief = Lucky() with
        {
            Timing = new()
            {
                Lesson = 60,
                Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true, testBays: 2)],
            },
        };
        var offers = Offers(
            brief,
            new()
            {
                Teams = 8,
                Alike = 20,
                Classes = Few,
            }
        );
        var both = offers.Single(o => o.Label == "Make 3 attempts, and count all of them");
        both.Finding.ShouldBe("luck");
        both.Says.ShouldMatch(
            "^The best team wins in [0-9]+ in 100 classes instead of [0-9]+. 8 minutes more.$",
            "four turns of two attempts more"
        );
        both.Gain.ShouldBeGreaterThan(6);
        Apply(brief, both)
            .ShouldSatisfyAllConditions(
                b => b.Trials.Attempts.ShouldBe(3),
                b => ((Part.Measured)b.Method.Parts[0]).Combine.ShouldBe(Combine.Mean)
            );
        offers.ShouldAllBe(o => o.Gain >= 4);
    }

    [Fact]
    public void What_would_be_wrong_then_is_said_beforehand()
    {
        var brief = Lucky() with
        {
            Timing = new()
            {
                Lesson = 10,
                Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true)],
            },
        };
        Offers(
                brief,
                new()
                {
                    Teams = 8,
                    Alike = 20,
                    Classes = Few,
                }
            )
            .Single(o => o.Label == "Make 3 attempts, and count all of them")
            .But.ShouldStartWith("It runs over in every class");
    }

    [Fact]
    public void Against_ties_what_is_measured_anyway_decides()
    {
        var brief = Sample.Brief(
            [
                Sample.Number("height", 50, ReadOccasion.Once) with
                {
                    Expected = new(0, 100),
                },
                Sample.Number("mass", 0.01m, ReadOccasion.Once) with
                {
                    Name = "Mass",
                    Expected = new(0, 100),
                    Better = Better.Less,
                },
            ],
            [Sample.Part("height")]
        );
        var offer = Offers(brief, new() { Classes = Few })
            .Single(o => o.Label == "Let less mass decide between equals");
        offer.Says.ShouldStartWith("The first place is shared in 0 in 100 classes instead of ");
        Apply(brief, offer).Method.TieBreaks.Single().ShouldBe(Sample.TieBreak("less mass", "mass", Better.Less));
    }

    [Fact]
    public void A_sort_that_ties_is_timed()
    {
        var brief = Sample.Brief(
            [],
            [
                new Part.Bins
                {
                    Id = "sort",
                    Name = "Sort",
                    Names = ["a", "b"],
                    Items = [.. Enumerable.Range(0, 6).Select(i => Sample.BinItem($"i{i}", $"{i}", bin: "a"))],
                },
            ]
        );
        var offer = Offers(brief, new() { Classes = Few })
            .Single(o => o.Label == "Time it, and let the quicker team be ahead");
        Play(Apply(brief, offer), new() { Classes = Few }).TieForFirst.ShouldBeLessThan(2);
    }

    /// <summary>
    /// Shares go with the square of a weight: of two alike parts at 3 to 1, nine tenths; three times the weight brings
    /// them level.
    /// </summary>
    [Fact]
    public void Where_one_part_decides_nearly_everything_the_other_weighs_more()
    {
        var brief = Sample.Brief(
            [Wide("height"), Wide("load")],
            [
                Sample.Part("height", id: "tall") with
                {
                    Name = "Tall",
                    Weight = 3,
                },
                Sample.Part("load", id: "strong") with
                {
                    Name = "Strong",
                },
            ]
        );
        var offer = Offers(brief, new() { AllRound = 0, Classes = Few })
            .Single(o => o.Label == "Count “Strong” 3 times");
        Play(Apply(brief, offer), new() { AllRound = 0, Classes = Few })
            .Parts.ShouldAllBe(p => p.Share > 45 && p.Share < 55);
    }

    [Fact]
    public void Bands_that_nobody_reaches_are_moved_to_where_teams_are()
    {
        var brief = Sample.Brief(
            [Wide("height"), Wide("load")],
            [
                Sample.Part("height"),
                Sample.Part("load", new Curve.Bands([new(200, 5), new(300, 10)]), id: "strong") with
                {
                    Name = "Strong",
                },
            ]
        );
        var offers = Offers(brief, new() { Alike = 0, Classes = Few });
        var bands = offers.Single(o => o.Finding == "bands:strong");
        var edges = ((Curve.Bands)((Part.Measured)Apply(brief, bands).Method.Parts[1]).Curve).Edges;
        ((double)edges[0].From).ShouldBe(new Pert(0, 50, 100).Quantiles(3)[1], 6);
        ((double)edges[1].From).ShouldBe(new Pert(0, 50, 100).Quantiles(3)[2], 6);
        edges.Select(e => e.Points).ShouldBe([5, 10]);
        offers.Where(o => o.Finding == "never:strong").Select(o => o.Label).ShouldContain("Leave out “Strong”");
    }

    [Fact]
    public void A_must_have_that_keeps_too_many_from_placing_costs_points_instead()
    {
        var brief = Sample.Brief(
            [Wide("height")],
            [Sample.Part("height")],
            rules: [Sample.Inspection("float", new Consequence.DoesNotPlace())]
        );
        var asked = new RehearsalAsked
        {
            Classes = Few,
            Chances = new Dictionary<string, decimal> { ["/rules/float"] = 30 },
        };
        var offer = Offers(brief, asked).Single(o => o.Label.StartsWith("Let it cost", StringComparison.Ordinal));
        offer.Says.ShouldBe("This would be settled. The best team wins about as often.");
        Play(Apply(brief, offer), asked).NotPlaced.ShouldBe(0);
    }

    [Fact]
    public void What_runs_out_is_had_in_the_amount_that_does_for_nearly_all_classes()
    {
        var brief = Sample.Brief(
            [Sample.Count("cargo", "beads", ReadOccasion.Once) with { Expected = new(0, 100) }],
            [Sample.Part("cargo")]
        ) with
        {
            Materials = [Sample.Material("beads", "glass beads", amount: 50, category: "thing carried")],
        };
        var offer = Offers(brief, new() { Classes = Few }).Single(o => o.Finding == "supply:beads");
        Apply(brief, offer).Materials[0].Amount!.Value.ShouldBeInRange(85, 100);
        offer.Says.ShouldStartWith("Glass beads run out in ");
    }

    [Fact]
    public void In_a_tier_the_tier_is_changed_and_nothing_else()
    {
        var brief = Lucky() with { Tiers = [new() { Id = "small", Name = "Small" }] };
        var edition = CompiledEdition.For(Editions.Resolve(brief, "small").OrThrow()).OrThrow();
        var rehearsal = Rehearsal.Of(edition, new() { Alike = 20, Classes = Few }, ThingsRemembered.Nothing).OrThrow();
        var offer = RehearsalOffers
            .Try(brief, "small", rehearsal, RehearsalReport.Of(rehearsal, _ => { }, Stop), Stop)
            .Select(t => t.Offer)
            .First(o => o?.Label == "Make 3 attempts, and count all of them")!;
        var changed = Apply(brief, offer);
        changed.Trials.Attempts.ShouldBe(1);
        Editions.Resolve(changed, "small").OrThrow().Brief.Trials.Attempts.ShouldBe(3);
    }

    [Theory]
    [MemberData(nameof(RehearsalTests.Demo), MemberType = typeof(RehearsalTests))]
    public void Offers_for_the_briefs_of_the_demo_can_be_taken(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        foreach (var offer in Offers(brief, new() { Classes = 15 }))
            CompiledEdition.For(Editions.Resolve(Apply(brief, offer), "").OrThrow()).IsOk.ShouldBeTrue(offer.Label);
    }

    /// <summary>
    /// Whose places change: where one thing comes to count for nothing, those that are good at it go down.
    /// </summary>
    [Fact]
    public void Side_by_side_those_go_down_who_are_good_at_what_no_longer_counts()
    {
        var brief = Sample.Brief(
            [Wide("height"), Wide("load")],
            [
                Sample.Part("height", id: "tall") with
                {
                    Name = "Tall",
                },
                Sample.Part("load", id: "strong") with
                {
                    Name = "Strong",
                },
            ]
        );
        var beside = Beside(brief, Change.Set("/method/parts/tall/off", true));
        beside.Says.ShouldContain("Teams go up that are good at “load”.");
        beside.Says.ShouldContain("Teams go down that are good at “height”.");
        beside.OtherWinner.ShouldBeInRange(30, 80);
        beside.Example.Select(p => p.Now).ShouldBeInOrder();
        beside.Example.Count.ShouldBe(8);
    }

    [Fact]
    public void Side_by_side_nothing_moves_where_nothing_changes()
    {
        var beside = Beside(
            Sample.Brief([Wide("height")], [Sample.Part("height")]),
            Change.Set("/title", "Another name")
        );
        beside.Says.ShouldBe([
            "The same team wins in all classes.",
            "No place changes.",
            "The best team wins about as often.",
        ]);
        beside.Example.ShouldBeEmpty();
    }

    [Fact]
    public void What_cannot_be_run_is_refused_side_by_side() =>
        RehearsalBeside
            .Of(Lucky(), "", [Change.Set("/trials/attempts", -3)], new(), ThingsRemembered.Nothing, Stop)
            .Problems.ShouldNotBeEmpty();

    private static RehearsalBeside Beside(Brief brief, Change change) =>
        RehearsalBeside.Of(brief, "", [change], new(), ThingsRemembered.Nothing, Stop).OrThrow();

    private static IReadOnlyList<RehearsalOffer> Offers(Brief brief, RehearsalAsked asked)
    {
        var rehearsal = Ready(brief, asked);
        var tried = RehearsalOffers
            .Try(brief, "", rehearsal, RehearsalReport.Of(rehearsal, _ => { }, Stop), Stop)
            .ToList();
        tried.Select(t => t.Tried).ShouldBe(Enumerable.Range(1, tried.Count));
        return [.. tried.Select(t => t.Offer).OfType<RehearsalOffer>()];
    }

    private static Brief Apply(Brief brief, RehearsalOffer offer) =>
        Changes.Apply(brief, offer.Changes).OrThrow().Value;

    private static Brief Lucky() =>
        Sample.Brief([Wide("height", ReadOccasion.EachAttempt)], [Sample.Part("height")], 1);

    private static Measure Wide(string id, ReadOccasion taken = ReadOccasion.Once) =>
        Sample.Number(id, 0.001m, taken) with
        {
            Expected = new(0, 100),
        };
}
