using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>What made the difference in a class, what did not, and what is worth measuring again.</summary>
public sealed class DecidedTests
{
    [Fact]
    public void Parts_say_how_much_difference_they_made_and_which_made_no_difference()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("help", taken: ReadOccasion.Once)],
            [
                Sample.Part("height", id: "tall"),
                Sample.Part("help", new Curve.Rate(2), id: "kind"),
                Sample.Part("height", new Curve.FullSteps(100, 10, 5), id: "steps"),
            ],
            rules:
            [
                Sample.Inspection("stand", new Consequence.NoteOnly()),
                Sample.Inspection("float", new Consequence.NoteOnly()),
                Sample.Inspection("sing", new Consequence.NoteOnly()),
            ]
        );
        var rally = new Happening(brief, "A", "B", "C");
        foreach (var (team, height, help) in new[] { ("A", "30", "1"), ("B", "25", "4"), ("C", "10", "2") })
        {
            rally.Counted(team, height);
            rally.Read(team, "help", help);
            rally.Checked(team, "sing", met: true);
        }

        foreach (var (team, rule) in new[] { ("A", "stand"), ("B", "stand"), ("A", "float"), ("C", "float") })
            rally.Checked(team, rule, met: false);
        rally
            .Standings()
            .Findings.ShouldBe([
                "Biggest point gaps between teams: tall 20.0, kind 6.0.",
                "steps made no difference: 0.0 for every team.",
                "Missed most: “It must stand”, by 2 of 3 teams.",
                "Missed most: “It must float”, by 2 of 3 teams.",
            ]);
    }

    [Fact]
    public void What_nobody_did_is_said_as_soon_as_somebody_did_something()
    {
        var tasks = new Part.Tasks
        {
            Id = "tasks",
            Name = "Tasks",
            Items =
            [
                Sample.Task("flag", "Raise the flag", points: 1),
                Sample.Task("lamp", "Light the lamp", points: 1),
            ],
        };
        var rally = new Happening(Sample.Brief([], [tasks]), "A", "B");
        rally.Standings().Findings.ShouldBeEmpty();
        rally.Keep(
            new Entry.TaskTicked
            {
                Id = rally.NextId(),
                Team = new("a"),
                Part = "tasks",
                Task = "flag",
            }
        );
        rally.Standings().Findings.ShouldBe(["Nobody did “Light the lamp”."]);
    }

    [Fact]
    public void All_that_were_sorted_wrong_equally_often_are_named_with_where_they_went()
    {
        var bins = new Part.Bins
        {
            Id = "bins",
            Name = "Strandline",
            Names = ["rope", "shell", "wood"],
            Items =
            [
                Sample.BinItem("x", "Find 1", bin: "rope"),
                Sample.BinItem("y", "Find 2", bin: "wood"),
                Sample.BinItem("z", "Find 3", bin: "wood"),
            ],
        };
        var rally = new Happening(Sample.Brief([], [bins]), "A", "B");
        foreach (var (team, x, y) in new[] { ("a", "shell", "rope"), ("b", "wood", "rope") })
            rally.Keep(
                new Entry.ItemsSorted
                {
                    Id = rally.NextId(),
                    Team = new(team),
                    Part = "bins",
                    Placed = new Dictionary<string, string>
                    {
                        ["x"] = x,
                        ["y"] = y,
                        ["z"] = "wood",
                    },
                }
            );
        rally
            .Standings()
            .Findings.ShouldBe([
                "Strandline: “Find 1” was sorted wrong most often (by 2 of 2 teams), usually into “shell” and "
                    + "“wood”. It belongs in “rope”.",
                "Strandline: “Find 2” was sorted wrong most often (by 2 of 2 teams), usually into “rope”. It "
                    + "belongs in “wood”.",
            ]);
    }

    /// <summary>
    /// A length read to 1 cm is good to half of it (JCGM 100:2008, 4.3.7): at 3 points a centimetre that is 3 points;
    /// the mass, at 1 point a gram, moves less.
    /// </summary>
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void The_reading_that_moves_a_total_by_most_is_the_one_to_repeat(bool compared)
    {
        var mass = Sample.Measure("mass", MeasureKind.Mass, name: "Mass", unit: "g", taken: ReadOccasion.Once);
        var brief = Sample.Brief(
            [Sample.Height(), mass],
            [
                Sample.Part("height", new Curve.Rate(3), id: "tall"),
                compared
                    ? Sample.Part("mass", new Curve.ShareOfBest(100), id: "heavy")
                    : Sample.Part("mass", new Curve.Rate(1), id: "heavy"),
            ]
        );
        var rally = new Happening(brief, "A", "B", "Last");
        foreach (var (team, height, grams) in new[] { ("A", "50", "200"), ("B", "50", "201"), ("Last", "5", "100") })
        {
            rally.Counted(team, height);
            rally.Read(team, "mass", grams);
        }

        var sure = Confidence.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, 2000);
        sure.TooClose.ShouldBeTrue();
        sure.Again!.Swing.ShouldBe(3, 0.001m);
        sure.Again.Says.ShouldContain("Measure height of ");
        sure.Again.Says.ShouldEndWith("moves their total by 3 points.");
        sure.Again.Name.ShouldNotBe("Last");
        sure.Teams[^1].Says.ShouldBe("3rd 100%");
    }

    [Fact]
    public void Where_everything_was_counted_there_is_nothing_to_repeat()
    {
        var rally = new Happening(Sample.Brief([Sample.Count("hits")], [Sample.Part("hits")]), "A", "B");
        rally.Counted("A", "7");
        rally.Counted("B", "7");
        var sure = Confidence.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, 200);
        (sure.TooClose, sure.Again).ShouldBe((true, null));
    }
}
