using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Papers;

namespace PluckyRally.Core.Tests.Papers;

/// <summary>What is handed out after a rally: certificates and notes home.</summary>
public sealed class RallyPapersTests
{
    public static TheoryData<string> Demo =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.rally.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void A_certificate_names_what_a_team_did_best()
    {
        var happening = new Happening(Two(), "Terns", "Knots", "Gulls");
        happening.Counted("Terns", "90", "5");
        happening.Counted("Knots", "80", "9");
        happening.Counted("Gulls", "70", "4");
        var of = Certificates(happening).ToDictionary(c => c.Name);
        of["Terns"].Best.ShouldBe("Height: 90 cm, the best of 3 teams");
        of["Knots"].Best.ShouldBe("Load: 9, the best of 3 teams");
        of["Gulls"].Best.ShouldBe("Height: 70 cm", "last of all in both: what it reached, and no rank");
        of["Terns"].Place.ShouldBe("1st of 3 teams");
    }

    [Fact]
    public void Where_less_is_better_the_fewest_points_are_best()
    {
        var happening = new Happening(
            Two() with
            {
                Method = Two().Method with
                {
                    Wins = WinningDirection.Lowest,
                    Parts = [.. Two().Method.Parts.Select(p => p with { FailurePoints = 99 })],
                },
            },
            "Terns",
            "Knots"
        );
        happening.Counted("Terns", "90", "5");
        happening.Counted("Knots", "80", "4");
        var of = Certificates(happening).ToDictionary(c => c.Name);
        of["Knots"].Best.ShouldStartWith("Height: 80 cm, the best of 2");
    }

    [Fact]
    public void The_best_of_so_many_teams_is_one_among_those_that_place()
    {
        var brief = Two();
        brief = brief with
        {
            Rules = [Sample.Inspection("dry", new Consequence.DoesNotPlace())],
            // Both get the most points that there are for height; what they reached still differs.
            Method = brief.Method with
            {
                Parts = [brief.Method.Parts[0] with { Cap = 50 }, brief.Method.Parts[1]],
            },
        };
        var happening = new Happening(brief, "Terns", "Knots", "Gulls", "Whelks");
        foreach (var (team, height, load) in new[] { ("Terns", "90", "5"), ("Knots", "80", "4"), ("Gulls", "99", "9") })
        {
            happening.Checked(team, "dry", team != "Gulls");
            happening.Counted(team, height, load);
        }

        happening.Checked("Whelks", "dry", met: true);
        happening.Failed("Whelks");
        var of = Certificates(happening).ToDictionary(c => c.Name);
        of["Terns"].Best.ShouldBe("Height: 90 cm, the best of 3 teams", "who has 0 points is one of three too");
        of["Knots"].Best.ShouldBe("Height: 80 cm, 2nd best of 3 teams");
        of["Gulls"].Best.ShouldBe("Height: 99 cm", "who does not place is not the best of those that do");
    }

    [Fact]
    public void Where_teams_have_no_places_nobody_is_the_best()
    {
        var brief = Two();
        var happening = new Happening(brief with { Method = brief.Method with { Ranking = false } }, "Terns", "Knots");
        happening.Counted("Terns", "90", "5");
        happening.Counted("Knots", "80", "9");
        Certificates(happening).Select(c => c.Best).ShouldBe(["Height: 90 cm", "Height: 80 cm"]);
    }

    [Fact]
    public void A_tie_break_that_decides_the_places_decides_who_is_the_best_too()
    {
        var brief = Two();
        brief = brief with
        {
            Method = brief.Method with
            {
                Parts = [brief.Method.Parts[0]],
                TieBreaks = [Sample.TieBreak("More load", "load", Better.More)],
            },
        };
        var happening = new Happening(brief, "Terns", "Knots");
        happening.Counted("Terns", "90", "5");
        happening.Counted("Knots", "90", "9");
        var of = Certificates(happening).ToDictionary(c => c.Name);
        of["Knots"].Best.ShouldBe("Height: 90 cm, the best of 2 teams");
        of["Terns"].Best.ShouldBe("Height: 90 cm");
    }

    [Fact]
    public void While_a_team_is_not_finished_nobody_gets_a_place_that_can_still_change()
    {
        var happening = new Happening(
            Two() with
            {
                Method = Two().Method with { Parts = [Sample.Part("height", new Curve.ShareOfBest(10), id: "height")] },
            },
            "Terns",
            "Knots"
        );
        happening.Counted("Terns", "90", "5");
        Certificates(happening).ShouldAllBe(c => c.Place == "");
    }

    /// <summary>A note goes home with one child: no other is named in it.</summary>
    [Theory]
    [MemberData(nameof(Demo))]
    public void A_note_home_names_no_other_child(string file)
    {
        var opened = OpenedRally
            .Open(
                DocumentReader.Rally(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file))).OrThrow().Value
            )
            .OrThrow();
        var children = opened.Rally.Teams.SelectMany(t => t.Students).Select(p => p.Name).Distinct().ToList();
        foreach (var note in RallyPapers.Of(opened, 1, opened.Result(1).Standings).Home)
        {
            var says = string.Join(' ', [.. note.Did, .. note.Found, note.Own]);
            children.ShouldAllBe(child => !says.Contains(child, StringComparison.Ordinal), $"{note.Name}: {says}");
        }
    }

    [Fact]
    public void A_finding_with_a_childs_name_in_it_stays_in_school()
    {
        var happening = new Happening(Two(), "Ada B.", "Knots");
        happening.Counted("Ada B.", "90", "5");
        happening.Counted("Knots", "80", "9");
        var rally = happening.Rally with
        {
            Teams =
            [
                .. happening.Rally.Teams.Select(t =>
                    t with
                    {
                        Students = [new(new(t.Id.Value), t.Name == "Knots" ? "Cole D." : "Ada B.", [])],
                    }
                ),
            ],
        };
        var opened = OpenedRally.Open(rally).OrThrow();
        var standings = opened.Result(1).Standings;
        RallyPapers
            .Of(opened, 1, standings with { Findings = ["Ada B. was ahead.", "Height made the biggest point gaps."] })
            .Home.ShouldAllBe(n => n.Found.Count == 1);
    }

    [Theory]
    [InlineData("strandline-sort.brief.json")]
    [InlineData("pebbles-by-mass.brief.json")]
    public void A_task_sheet_gives_nothing_away_and_its_key_is_apart(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        var task = BriefPapers.Of(Sample.Ready(brief)).Tasks.ShouldHaveSingleItem();
        task.Things.Count.ShouldBe(task.Answers.Count);
        var key = brief
            .Method.Parts.SelectMany(p =>
                p switch
                {
                    Part.Bins b => b.Items.OrderBy(i => b.Names.ToList().IndexOf(i.Bin)).Select(i => i.Name),
                    Part.Ordering o => o.Items.OrderBy(i => i.Key).Select(i => i.Name),
                    _ => [],
                }
            )
            .ToList();
        task.Things.ShouldNotBe(key);
        task.Things.ShouldBe(key, ignoreOrder: true);
    }

    private static Brief Two() =>
        Sample.Brief(
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

    private static IReadOnlyList<Certificate> Certificates(Happening happening) =>
        RallyPapers.Of(OpenedRally.Open(happening.Rally).OrThrow(), 1, happening.Standings()).Certificates;
}
