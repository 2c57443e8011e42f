using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Tests.Parts;

namespace PluckyRally.Core.Tests.Score;

/// <summary>Two people who record one thing: who wrote it decides, and the same person corrects.</summary>
public sealed class TwoPeopleTests
{
    [Fact]
    public void A_must_have_is_open_until_they_agree()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Rules = [Sample.Inspection("dry", new Consequence.Deduct(2))],
            },
            "A"
        );
        rally.Counted("A", "20");
        Says(rally, "Pell", true);
        rally.Standing("A").Total.ShouldBe(20);
        Says(rally, "Moss", false);
        rally.Standing("A").Reason.ShouldBe("judges differ: “It must dry”");
        rally
            .Standing("A")
            .Why.ShouldContain(s => s.Sentence == "“It must dry”: one judge says met and another missed.");
        Says(rally, "Pell", false);
        rally.Standing("A").Total.ShouldBe(18);
    }

    [Fact]
    public void A_dispute_about_what_fails_an_attempt_holds_the_team_up()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Rules = [Sample.Inspection("dry", new Consequence.AttemptDoesNotCount(), CheckTime.EveryAttempt)],
            },
            "A"
        );
        rally.Counted("A", "20");
        Says(rally, "Pell", true, 1);
        Says(rally, "Moss", false, 1);
        rally.Standing("A").Reason.ShouldBe("judges differ in attempt 1: “It must dry”");
    }

    [Fact]
    public void Of_a_whole_answer_the_last_stands_and_is_marked_with_who_gave_one()
    {
        var rally = new OnePart(
            new Part.Ordering
            {
                Id = "order",
                Name = "Order",
                PerPair = 1,
                Items = [Sample.OrderItem("p", "P", key: 1), Sample.OrderItem("q", "Q", key: 2)],
            },
            "A"
        );
        Gave("Pell", "p", "q");
        Gave("Pell", "q", "p");
        rally
            .Row()
            .Why.ShouldNotContain(
                s => s.Sentence.Contains("last answer", StringComparison.Ordinal),
                "the same person corrects"
            );
        Gave("Moss", "p", "q");
        rally.Points().ShouldBe(1);
        rally
            .Row()
            .Why.ShouldContain(s =>
                s.Sentence == "Recorded by Pell and Moss: the last answer stands." && s.Entries.Count == 3
            );
        Twice()
            .ShouldHaveSingleItem()
            .Select(a => (a.By, a.Says))
            .ShouldBe(
                [("Pell", "Order: Q, P"), ("Moss", "Order: P, Q")],
                "the last of each, the one that stands at the end"
            );

        Gave("Moss", "q", "p");
        Twice().ShouldBeEmpty("they agree");
        Gave("Pell", "p", "q");
        Twice()[0].Select(a => (a.By, a.Entries.Count)).ShouldBe([("Moss", 2), ("Pell", 3)]);
        foreach (var entry in Twice()[0][0].Entries)
            rally.Add(
                new Entry.StruckOut
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Entry = entry,
                }
            );
        Twice().ShouldBeEmpty("all that one of them said is struck out");

        IReadOnlyList<IReadOnlyList<GivenAnswer>> Twice() =>
            TwoAnswers.Differing(rally.Compiled, rally.Compiled.Brief.Method.Parts[0], rally.Result.Assessment.Design);

        void Gave(string by, params string[] sequence) =>
            rally.Add(
                new Entry.OrderGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    By = by,
                    Part = "order",
                    Sequence = sequence,
                }
            );
    }

    [Fact]
    public void What_adds_up_is_not_marked()
    {
        var rally = new OnePart(
            new Part.Tally
            {
                Id = "seen",
                Name = "Seen",
                Counters = [Sample.Counter("help", "Helped", points: 1)],
            },
            "A"
        );
        foreach (var by in new[] { "Pell", "Moss" })
            rally.Add(
                new Entry.Tallied
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    By = by,
                    Part = "seen",
                    Counter = "help",
                }
            );
        rally.Points().ShouldBe(2);
        rally.Row().Why.ShouldNotContain(s => s.Sentence.Contains("last answer", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_read_once_is_the_mean_of_those_who_read_it()
    {
        var rally = new Happening(
            Sample.Brief([Sample.Count("cards", taken: ReadOccasion.Once)], [Sample.Part("cards", new Curve.Rate(1))]),
            "A"
        );
        foreach (var (by, typed) in new[] { ("Pell", "9"), ("Moss", "4"), ("Pell", "6") })
            rally.Keep(
                new Entry.MeasureRead
                {
                    Id = rally.NextId(),
                    Team = new("a"),
                    By = by,
                    Reading = new() { Measure = "cards", Typed = typed },
                }
            );
        rally.Standing("A").Parts[0].Value.ShouldBe(5);
    }

    [Theory]
    [InlineData(RubricJudges.Mean, 3, "Idea: the mean of 2 judges, (4 + 2) ÷ 2, 3 points.")]
    [InlineData(RubricJudges.Last, 2, "Idea: fair, the last of 2 judgments, 2 points.")]
    public void A_level_is_the_mean_of_the_judges_or_the_last_judgment(RubricJudges judges, decimal points, string says)
    {
        var rally = Judged(judges, ("Pell", 0), ("Pell", 2), ("Moss", 1));
        rally.Points().ShouldBe(points);
        rally.Row().Why.Select(s => s.Sentence).ShouldContain(says);
    }

    [Fact]
    public void Judges_who_have_to_agree_are_waited_for()
    {
        var rally = Judged(RubricJudges.Agree, ("Pell", 2), ("Moss", 1));
        rally.Row().Reason.ShouldContain("the judges have to agree on Idea: Pell says “strong” and Moss says “fair”");
        Judged(RubricJudges.Agree, ("Pell", 2), ("Moss", 1), ("Moss", 2)).Points().ShouldBe(4);
        Judged(RubricJudges.Agree, ("Pell", 2)).Points().ShouldBe(4);
    }

    private static OnePart Judged(RubricJudges judges, params (string By, int Level)[] given)
    {
        var part = new Part.Rubric
        {
            Id = "judged",
            Name = "Judged",
            Judges = judges,
            Criteria =
            [
                new()
                {
                    Id = "idea",
                    Name = "Idea",
                    Levels = [new("weak", 0), new("fair", 2), new("strong", 4)],
                },
            ],
        };
        var rally = new OnePart(part);
        foreach (var (by, level) in given)
            rally.Add(
                new Entry.LevelGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "judged",
                    Criterion = "idea",
                    Level = level,
                    By = by,
                }
            );
        return rally;
    }

    [Fact]
    public void A_rubric_of_version_1_keeps_the_last_word()
    {
        var brief = new Brief
        {
            Title = "Old",
            Method = new() { Parts = [new Part.Rubric { Id = "judged", Name = "Judged" }] },
        };
        var old = System.Text.Json.Nodes.JsonNode.Parse(Json.Write(brief))!;
        old["version"] = 1;
        old["method"]!["parts"]![0]!.AsObject().Remove("judges");
        DocumentReader
            .Brief(old.ToJsonString())
            .OrThrow()
            .Value.Method.Parts[0]
            .ShouldBeOfType<Part.Rubric>()
            .Judges.ShouldBe(RubricJudges.Last);
    }

    private static void Says(Happening rally, string by, bool met, int? attempt = null) =>
        rally.Keep(
            new Entry.RuleChecked
            {
                Id = rally.NextId(),
                Team = new("a"),
                Rule = "dry",
                Met = met,
                By = by,
                Attempt = attempt,
            }
        );
}
