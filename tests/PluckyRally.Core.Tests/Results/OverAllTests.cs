using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>Rallies of one brief as one list, and what keeps them from being one.</summary>
public sealed class OverAllTests
{
    private static readonly Brief Towers = Sample.Simple() with { Grades = GradeBand.From6To8 };

    [Fact]
    public void Three_classes_are_ranked_over_all_and_each_by_itself()
    {
        var all = Of(
            "",
            Class("4", Towers, ("Terns", "41"), ("Whelks", "28")),
            Class("5", Towers, ("Gulls", "39"), ("Plovers", "41")),
            Class("6", Towers, ("Dulse", "30"))
        );
        all.Lists.ShouldHaveSingleItem().Differs.ShouldBeEmpty();
        (all.Figure, all.WinsText).ShouldBe(("team.total", "The highest total wins."));
        all.Rows.Select(r => (r.Place, r.Class, r.Name, r.InClass))
            .ShouldBe([
                (1, "5", "Plovers", 1),
                (1, "4", "Terns", 1),
                (3, "5", "Gulls", 2),
                (4, "6", "Dulse", null),
                (5, "4", "Whelks", 2),
            ]);
        all.Revealed(2).Rows.Select(r => r.Name).ShouldBe(["Dulse", "Whelks"]);
        all.Classes.Select(c => (c.Name, c.Teams)).ShouldBe([("4", 2), ("5", 2), ("6", 1)]);
    }

    [Fact]
    public void A_figure_has_an_order_of_its_own_and_a_picture_class_by_class()
    {
        var all = Of(
            "height",
            Class("4", Towers, ("Terns", "41"), ("Whelks", "28")),
            Class("5", Towers, ("Gulls", "39"), ("Plovers", ""))
        );
        all.Rows.Select(r => (r.Place, r.Name, r.Text, r.InClass))
            .ShouldBe([
                (1, "Terns", "41 cm", 1),
                (2, "Gulls", "39 cm", 1),
                (3, "Whelks", "28 cm", 2),
                (null, "Plovers", "", null),
            ]);
        var strip = all.Plots.Single();
        strip.Title.ShouldBe("Height by class");
        strip.Rows.Select(r => r.Name).ShouldBe(["4", "5"]);
        strip.Marks.Cast<PlotMark.Dot>().Select(d => (d.X, d.Y)).ShouldBe([(41, 0), (28, 0), (39, 1)]);
    }

    [Fact]
    public void Another_edition_another_tier_and_another_round_are_named_and_nobody_has_a_place()
    {
        var other = Towers with { Trials = new() { Attempts = 2 } };
        var all = Of("", Class("4", Towers, ("Terns", "41")), Class("5", other, ("Gulls", "39")));
        all.Lists.Single().Differs.Single().ShouldContain("5: ");
        all.Lists.Single().Differs.Single().ShouldContain("“2”, in 4 “1”.");
        all.Rows.Select(r => (r.Place, r.Name))
            .ShouldBe([(null, "Terns"), (null, "Gulls")], "side by side, class by class");

        var tiered = Join(
            "5",
            new()
            {
                Name = "5",
                Edition = new() { Brief = Towers, Tier = "Grade 6" },
                Teams = [new() { Id = new("a"), Name = "A" }],
            }
        );
        Of("", Class("4", Towers, ("Terns", "41")), tiered)
            .Lists.Single()
            .Differs.ShouldBe(["5 runs the tier “Grade 6”, 4 the brief without a tier."]);
        Of("", Class("4", Towers, ("Terns", "41")), Class("5", Towers, ("Gulls", "39")) with { Round = 2 })
            .Lists.Single()
            .Differs.ShouldBe(["They are in different rounds: 4 in round 1 and 5 in round 2."]);
    }

    [Fact]
    public void Where_teams_are_compared_within_a_class_totals_have_no_places_but_figures_do()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height") with { Curve = new Curve.Place([5, 3], PlaceTies.BetterPlace) }]
        );
        var (four, five) = (
            Class("4", brief, ("Terns", "41"), ("Whelks", "28")),
            Class("5", brief, ("Gulls", "39"), ("Plovers", "33"))
        );
        Of("", four, five)
            .Lists.Single()
            .Differs.Single()
            .ShouldStartWith("Some points come from comparing teams within a class");
        Of("", four, five)
            .Rows.Select(r => (r.Place, r.Class, r.Name, r.InClass))
            .ShouldBe(
                [(null, "4", "Terns", 1), (null, "4", "Whelks", 2), (null, "5", "Gulls", 1), (null, "5", "Plovers", 2)],
                "class by class, each in its own order"
            );
        Of("height", four, five).Rows.Select(r => r.Name).ShouldBe(["Terns", "Gulls", "Plovers", "Whelks"]);
    }

    [Fact]
    public void Places_in_each_class_give_points_whatever_the_classes_ran()
    {
        var harder = Towers with { Trials = Towers.Trials with { FreshBuildAfterFailure = true } };
        var all = OverAll.Of(
            [
                Class("4", Towers, ("Terns", "41"), ("Whelks", "28"), ("Knots", "20")),
                Class("5", harder, ("Gulls", "39"), ("Plovers", "39"), ("Dulse", "")),
            ],
            new() { By = CombinedBy.PlacePoints, PlacePoints = [5, 3] }
        );
        all.Lists.ShouldHaveSingleItem().Differs.ShouldBeEmpty("a place in one's own class needs no comparing");
        all.Rows.Select(r => (r.Place, r.Name, r.Text))
            .ShouldBe([
                (1, "Gulls", "5"),
                (1, "Plovers", "5"),
                (1, "Terns", "5"),
                (4, "Whelks", "3"),
                (5, "Knots", "0"),
                (null, "Dulse", ""),
            ]);
        all.WinsText.ShouldBe("Points for the place in each class: 5, 3. The most points win.");
        all.Shown.ShouldBe("Points for places");
    }

    [Fact]
    public void Each_tier_or_class_has_a_list_and_what_differs_can_be_ranked_anyway()
    {
        var other = Towers with { Trials = Towers.Trials with { FreshBuildAfterFailure = true } };
        RallyJoining[] classes =
        [
            Class("4", Towers, ("Terns", "41"), ("Whelks", "28")),
            Class("5", other, "Grade 6", ("Gulls", "39"), ("Plovers", "30")),
            Class("6", other, "Grade 6", ("Dulse", "35"), ("Knots", "20")),
        ];
        var tiers = OverAll.Of(classes, new() { Lists = CombinedLists.Tier });
        tiers
            .Lists.Select(l => (l.Name, string.Join(" ", l.Rows.Select(r => $"{r.Place} {r.Name}"))))
            .ShouldBe([("Without a tier", "1 Terns 2 Whelks"), ("Grade 6", "1 Gulls 2 Dulse 3 Plovers 4 Knots")]);
        tiers.Lists.ShouldAllBe(l => l.Differs.Count == 0);
        tiers
            .Revealed(2)
            .Rows.Select(r => r.Name)
            .ShouldBe(["Plovers", "Knots"], "the shorter list waits, so that both first places come at the end");

        OverAll.Of(classes, new() { Lists = CombinedLists.Class }).Lists.Select(l => l.Name).ShouldBe(["4", "5", "6"]);
        var one = OverAll.Of(classes, new() { Anyway = true }).Lists.ShouldHaveSingleItem();
        one.Differs.ShouldNotBeEmpty("what does not compare is named all the same");
        one.Rows.Select(r => (r.Place, r.Name)).First().ShouldBe((1, "Terns"));
    }

    [Fact]
    public void A_share_of_what_each_edition_could_give_ranks_tiers_and_says_where_there_is_none()
    {
        var ten = Capped(10);
        var easy = Capped(20);
        var all = OverAll.Of(
            [
                Class("4", ten, ("Terns", "8"), ("Whelks", "40")),
                Class("5", easy, "Grade 6", ("Gulls", "18"), ("Plovers", "3")),
            ],
            new() { By = CombinedBy.Share }
        );
        all.NoShare.ShouldBeEmpty();
        all.Lists.ShouldHaveSingleItem().Differs.ShouldBeEmpty("another tier has another most, and that is the point");
        all.Rows.Select(r => (r.Place, r.Name, r.Text))
            .ShouldBe([(1, "Whelks", "100.0%"), (2, "Gulls", "90.0%"), (3, "Terns", "80.0%"), (4, "Plovers", "15.0%")]);

        var endless = Sample.Brief([Sample.Height()], [Sample.Part("height") with { Curve = new Curve.Rate(1) }]);
        var none = OverAll.Of([Class("4", endless, ("Terns", "8"))], new() { By = CombinedBy.Share });
        none.NoShare.ShouldStartWith("4: “");
        none.NoShare.ShouldEndWith("gives points without an end. Say there how many it gives at most.");
        none.Shown.ShouldBe("Total");

        static Brief Capped(decimal most) =>
            Sample.Brief([Sample.Height()], [Sample.Part("height") with { Curve = new Curve.Rate(1), Cap = most }]);
    }

    /// <summary>The most points of each sort of part, added up by hand.</summary>
    [Fact]
    public void The_most_points_of_a_part_are_what_its_own_rule_can_give()
    {
        Most(
                new Part.Measured
                {
                    Id = "m",
                    Name = "M",
                    Value = "height",
                    Better = Better.More,
                    Curve = new Curve.Bands([new(5, 2), new(9, 7)]),
                }
            )
            .ShouldBe(7);
        Most(
                new Part.Measured
                {
                    Id = "m",
                    Name = "M",
                    Value = "height",
                    Better = Better.More,
                    Curve = new Curve.Rate(1),
                }
            )
            .ShouldBeNull();
        Most(
                new Part.Tasks
                {
                    Id = "t",
                    Name = "T",
                    Items = [Sample.Task("a", "A", points: 3), Sample.Task("b", "B", points: 4)],
                    AllDoneBonus = 2,
                    TimePoints = new(100, 30, 1),
                    Weight = 2,
                }
            )
            .ShouldBe(24, "(3 + 4 + 2 + 3 whole steps of 30 s) × 2");
        Most(
                new Part.Rubric
                {
                    Id = "r",
                    Name = "R",
                    Criteria =
                    [
                        new()
                        {
                            Id = "c",
                            Name = "C",
                            Levels = [new("low", 1), new("high", 4)],
                        },
                    ],
                }
            )
            .ShouldBe(4);
        Most(
                new Part.Tally
                {
                    Id = "y",
                    Name = "Y",
                    Counters = [Sample.Counter("c", "C", points: 2, atMost: 5)],
                }
            )
            .ShouldBe(10);

        static decimal? Most(Part part) =>
            Sample.Ready(Sample.Brief([Sample.Height()], [part])).Parts.Single().MostPoints;
    }

    [Theory]
    [InlineData("value", "one", "", "")]
    [InlineData("placepoints", "tier", "5, 3, 1", "")]
    [InlineData("luck", "one", "", "/by")]
    [InlineData("value", "many", "", "/lists")]
    [InlineData("value", "one", "5, x", "/placePoints")]
    [InlineData("value", "one", "3, 5", "/placePoints")]
    [InlineData("value", "one", "-1", "/placePoints")]
    public void A_choice_is_read_from_words(string by, string lists, string points, string wrong)
    {
        var read = Combined.Read("", by, lists, anyway: false, points);
        read.Problems.Select(p => p.At).FirstOrDefault("").ShouldBe(wrong);
    }

    private static OverAll Of(string figure, params RallyJoining[] rallies) =>
        OverAll.Of(rallies, new Combined { Figure = figure });

    private static RallyJoining Class(string name, Brief brief, params (string Team, string Height)[] teams) =>
        Class(name, brief, "", teams);

    private static RallyJoining Class(
        string name,
        Brief brief,
        string tier,
        params (string Team, string Height)[] teams
    )
    {
        var rally = new Happening(brief, [.. teams.Select(t => t.Team)]);
        foreach (var (team, height) in teams.Where(t => t.Height.Length > 0))
            rally.Counted(team, height);
        return Join(name, rally.Rally with { Name = name, Edition = rally.Rally.Edition with { Tier = tier } });
    }

    private static RallyJoining Join(string name, Rally rally) =>
        new(new(new Guid(name.PadLeft(32, '0'))), OpenedRally.Open(rally).OrThrow(), 1);
}
