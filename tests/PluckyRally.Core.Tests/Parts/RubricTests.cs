using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Tests.Parts;

public sealed class RubricTests
{
    private static Part.Rubric Talk(RubricVoice voice) =>
        new()
        {
            Id = "talk",
            Name = "Telling the others",
            Voice = voice,
            Criteria =
            [
                new RubricCriterion
                {
                    Id = "clear",
                    Name = "Clear",
                    Levels = [new("not yet", 0), new("nearly", 2), new("yes", 4)],
                },
                new RubricCriterion
                {
                    Id = "why",
                    Name = "Gives reasons",
                    Levels = [new("none", 0), new("some", 3)],
                },
            ],
        };

    [Fact]
    public void The_teachers_last_word_stands()
    {
        var rally = new OnePart(Talk(RubricVoice.Teacher));
        Say(rally, "A", "clear", 1);
        rally.Row().Reason.ShouldContain("“Gives reasons” has not been judged yet");
        Say(rally, "A", "why", 1);
        Say(rally, "A", "clear", 2);
        rally.Points().ShouldBe(7);
    }

    [Fact]
    public void Peers_give_the_mean_and_a_team_is_not_heard_about_itself()
    {
        var rally = new OnePart(Talk(RubricVoice.Peers), "A", "B", "C");
        foreach (var (from, level) in new[] { ("A", 2), ("B", 1), ("C", 2) })
            Say(rally, "A", "clear", level, from);
        Say(rally, "A", "why", 1, "B");
        rally.Points("A").ShouldBe(6);
    }

    [Fact]
    public void A_teams_own_word_can_be_asked_for()
    {
        var rally = new OnePart(Talk(RubricVoice.Self), "A", "B");
        Say(rally, "A", "clear", 2, "A");
        Say(rally, "A", "why", 0, "A");
        Say(rally, "A", "why", 1, "B");
        rally.Points("A").ShouldBe(4);
    }

    [Fact]
    public void Levels_and_judges_that_cannot_be_are_refused()
    {
        var rally = new OnePart(Talk(RubricVoice.Teacher));
        rally
            .Refused(
                new Entry.LevelGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "talk",
                    Criterion = "why",
                    Level = 2,
                    From = new("A"),
                }
            )
            .ShouldBe(["/level", "/from"]);
    }

    private static void Say(OnePart rally, string team, string criterion, int level, string from = "") =>
        rally.Add(
            new Entry.LevelGiven
            {
                Id = rally.Id(),
                Team = new(team),
                Part = "talk",
                Criterion = criterion,
                Level = level,
                From = new(from),
            }
        );
}
