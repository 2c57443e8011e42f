using Shouldly;
using Xunit;

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
        all.Differs.ShouldBeEmpty();
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
        all.Differs.Single().ShouldContain("5: ");
        all.Differs.Single().ShouldContain("“2”, in 4 “1”.");
        all.Rows.Select(r => (r.Place, r.Name))
            .ShouldBe([(null, "Terns"), (null, "Gulls")], "side by side, class by class");

        var tiered = Join(
            "5",
            new()
            {
                Name = "5",
                Edition = new() { Brief = Towers, Tier = "Grade 6" },
                Teams = [new() { Id = "a", Name = "A" }],
            }
        );
        OverAll
            .Of([Class("4", Towers, ("Terns", "41")), tiered], "")
            .Differs.ShouldBe(["5 runs the tier “Grade 6”, 4 the brief without a tier."]);
        OverAll
            .Of([Class("4", Towers, ("Terns", "41")), Class("5", Towers, ("Gulls", "39")) with { Round = 2 }], "")
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
        Of("", four, five).Differs.Single().ShouldStartWith("Some points come from comparing teams within a class");
        Of("", four, five)
            .Rows.Select(r => (r.Place, r.Class, r.Name, r.InClass))
            .ShouldBe(
                [(null, "4", "Terns", 1), (null, "4", "Whelks", 2), (null, "5", "Gulls", 1), (null, "5", "Plovers", 2)],
                "class by class, each in its own order"
            );
        Of("height", four, five).Rows.Select(r => r.Name).ShouldBe(["Terns", "Gulls", "Plovers", "Whelks"]);
    }

    private static OverAll Of(string figure, params RallyJoining[] rallies) => OverAll.Of(rallies, figure);

    private static RallyJoining Class(string name, Brief brief, params (string Team, string Height)[] teams)
    {
        var rally = new Happening(brief, [.. teams.Select(t => t.Team)]);
        foreach (var (team, height) in teams.Where(t => t.Height.Length > 0))
            rally.Counted(team, height);
        return Join(name, rally.Rally with { Name = name });
    }

    private static RallyJoining Join(string name, Rally rally) =>
        new(new(name.PadLeft(32, '0')), OpenedRally.Open(rally).OrThrow(), 1);
}
