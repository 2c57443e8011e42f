using PluckyRally.Core.Papers;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Papers;

/// <summary>
/// What certificates of a fair day say: no two teams are the best of the same teams for different values. Places are
/// counted by hand.
/// </summary>
public sealed class PlacesOfDayTests
{
    private static readonly Brief Towers = Sample.Brief(
        [Sample.Height(), Sample.Count("load")],
        [
            Sample.Part("height", id: "height") with
            {
                Name = "Height",
            },
            Sample.Part("load", id: "load") with
            {
                Name = "Load",
            },
        ]
    );

    private static RallyJoining Class(
        string name,
        string tier,
        params (string Team, string Height, string Load)[] teams
    )
    {
        var rally = new Happening(Towers, [.. teams.Select(t => t.Team)]);
        foreach (var (team, height, load) in teams.Where(t => t.Height.Length > 0))
            rally.Counted(team, height, load);
        return new(
            new(new Guid(name.PadLeft(32, '0'))),
            OpenedRally
                .Open(rally.Rally with { Name = $"Class {name}", Edition = rally.Rally.Edition with { Tier = tier } })
                .OrThrow(),
            1
        );
    }

    private static IReadOnlyList<string> Say(RallyJoining own, Combined chosen, params RallyJoining[] all) =>
        [
            .. RallyPapers
                .Of(own.Opened, 1, own.Opened.Result(1).Standings, PlacesOfDay.Of(own.Id, all, chosen))
                .Certificates.Select(c => $"{c.Name}: {c.Place}; {c.Best}"),
        ];

    private static readonly RallyJoining Four = Class("4", "", ("Terns", "41", "5"), ("Whelks", "28", "9"));
    private static readonly RallyJoining Five = Class("5", "", ("Gulls", "39", "7"), ("Plovers", "45", "2"));

    [Fact]
    public void In_one_list_all_are_compared_with_all()
    {
        // Totals: Plovers 47, Terns 46, Gulls 46, Whelks 37.
        Say(Four, new(), Four, Five)
            .ShouldBe([
                "Terns: 2nd of 4 teams, tied; Height: 41 cm, 2nd best of 4 teams",
                "Whelks: 4th of 4 teams; Load: 9, the best of 4 teams",
            ]);
        Say(Five, new(), Four, Five)
            .ShouldBe([
                "Gulls: 2nd of 4 teams, tied; Load: 7, 2nd best of 4 teams",
                "Plovers: 1st of 4 teams; Height: 45 cm, the best of 4 teams",
            ]);
    }

    [Fact]
    public void Class_by_class_each_says_of_which_class_it_is() =>
        Say(Four, new() { Lists = CombinedLists.Class }, Four, Five)
            .ShouldBe([
                "Terns: 1st of 2 teams in Class 4; Height: 41 cm, the best of 2 teams in Class 4",
                "Whelks: 2nd of 2 teams in Class 4; Load: 9, the best of 2 teams in Class 4",
            ]);

    [Fact]
    public void Tiers_that_do_not_compare_leave_the_place_in_the_class_and_tiers_by_themselves_name_theirs()
    {
        var six = Class("6", "Grade 6", ("Knots", "50", "1"), ("Dabs", "20", "2"));
        Say(six, new(), Four, six)
            .ShouldBe([
                "Knots: 1st of 2 teams in Class 6; Height: 50 cm, the best of 2 teams in Class 6",
                "Dabs: 2nd of 2 teams in Class 6; Load: 2, the best of 2 teams in Class 6",
            ]);
        var seven = Class("7", "Grade 6", ("Rays", "60", "3"));
        Say(seven, new() { Lists = CombinedLists.Tier }, Four, six, seven)
            .ShouldBe(["Rays: 1st of 3 teams in Grade 6; Height: 60 cm, the best of 3 teams in Grade 6"]);
    }

    [Fact]
    public void Nobody_has_a_place_while_somebody_whom_it_is_compared_with_is_not_finished()
    {
        var open = Class("5", "", ("Gulls", "39", "7"), ("Plovers", "", ""));
        Say(Four, new(), Four, open)[0].ShouldStartWith("Terns: ; ");
        Say(Four, new() { Lists = CombinedLists.Class }, Four, open)[0].ShouldStartWith("Terns: 1st of 2 teams");
    }

    [Fact]
    public void One_class_of_a_brief_needs_no_name() =>
        Say(Four, new(), Four)[0].ShouldBe("Terns: 1st of 2 teams; Height: 41 cm, the best of 2 teams");
}
