using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Route;

namespace PluckyRally.Core.Tests.Debriefs;

/// <summary>What is said after a round is kept, changes no score, and comes back in the next one.</summary>
public sealed class DebriefTests
{
    private readonly Happening _rally = new(
        Sample.Simple() with
        {
            Teacher = new() { Questions = ["What held?", "What gave way?"] },
        },
        "Terns",
        "Whelks"
    );

    [Fact]
    public void Answers_stand_with_their_questions_and_can_be_taken_back()
    {
        _rally.Keep(
            new Entry.AnswerGiven
            {
                Id = _rally.NextId(),
                Question = 1,
                Text = "triangles",
            }
        );
        var second = _rally.Keep(
            new Entry.AnswerGiven
            {
                Id = _rally.NextId(),
                Team = new("whelks"),
                Question = 1,
                Text = "a wide foot",
            }
        );
        Debrief().Questions.Select(q => (q.Text, q.Answers.Count)).ShouldBe([("What held?", 2), ("What gave way?", 0)]);
        Debrief()
            .Questions[0]
            .Answers.Select(a => (a.Name, a.Text))
            .ShouldBe([("", "triangles"), ("Whelks", "a wide foot")]);
        _rally.Strike(second);
        Debrief().Questions[0].Answers.Count.ShouldBe(1);
        Says(
                new Entry.AnswerGiven
                {
                    Id = _rally.NextId(),
                    Question = 3,
                    Text = "x",
                }
            )
            .ShouldBe("The brief has no such question.");
        Says(
                new Entry.AnswerGiven
                {
                    Id = _rally.NextId(),
                    Question = 1,
                    Text = " ",
                }
            )
            .ShouldBe("The answer is empty.");
        Says(new Entry.LookedBack { Id = _rally.NextId() })
            .ShouldBe("There is no such team in this rally.", "a class does not look back as one");
    }

    [Fact]
    public void What_teams_answer_on_their_own_devices_waits_for_the_teacher_where_that_is_wanted()
    {
        var (own, class_) = (Given("whelks", "a wide foot", Writers.Team), Given("", "triangles", Writers.Teacher));
        Wall().ShouldBe(["triangles", "a wide foot"], "at once, where nothing else was said");
        _rally.Keep(new Entry.AnswersHeld { Id = _rally.NextId(), Held = true });
        Wall().ShouldBe(["triangles"]);
        Debrief().Questions[0].Answers.Where(a => a.Waits).Select(a => a.Entry).ShouldBe([own]);
        Debrief().AnswersWait.ShouldBeTrue();
        Says(
                new Entry.AnswerShown
                {
                    Id = _rally.NextId(),
                    Team = new("terns"),
                    Answer = own,
                }
            )
            .ShouldBe("This team has given no such answer.");
        _rally.Keep(
            new Entry.AnswerShown
            {
                Id = _rally.NextId(),
                Team = new("whelks"),
                Answer = own,
            }
        );
        Wall().ShouldBe(["triangles", "a wide foot"]);
        Given("terns", "luck", Writers.Team);
        Wall().ShouldNotContain("luck");
        _rally.Keep(new Entry.AnswersHeld { Id = _rally.NextId(), Held = false });
        Wall().ShouldBe(["luck", "triangles", "a wide foot"]);
        _rally.Strike(class_);
        Wall().ShouldBe(["luck", "a wide foot"]);

        IReadOnlyList<string> Wall() => HeldAnswers.Shown(_rally.Stands, 1, 1);

        EntryId Given(string team, string text, string by) =>
            _rally.Keep(
                new Entry.AnswerGiven
                {
                    Id = _rally.NextId(),
                    Team = new(team),
                    By = by,
                    Question = 1,
                    Text = text,
                }
            );
    }

    [Fact]
    public void What_a_team_wants_to_change_waits_for_it_in_the_next_round_and_says_whether_it_helped()
    {
        _rally.Counted("Terns", "20");
        _rally.Keep(
            new Entry.NoteMade
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Text = "shares the work",
            }
        );
        _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        _rally.Keep(
            new Entry.LookedBack
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Change = "more tape",
            }
        );
        _rally.Keep(
            new Entry.LookedBack
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Worked = "the foot",
                Change = "a wider foot",
                Why = "it tipped",
            }
        );
        Opened().Running.ShouldBe(1, "talking about a round begins none");
        var first = Debrief().Teams[0];
        (first.Change, first.Why, first.Noted.Single(), first.Wanted).ShouldBe(
            ("a wider foot", "it tipped", "shares the work", "")
        );
        At(1).ShouldBe((Readiness.InProgress, 1));
        TeamSheet.For(Opened(), new("terns"), 2)!.Wanted.ShouldBe("a wider foot", "the last word stands");
        TeamSheet.For(Opened(), new("terns"), 1)!.Wanted.ShouldBe("");
        TeamSheet.For(Opened(), new("whelks"), 2)!.Wanted.ShouldBe("");

        _rally.Round = 2;
        _rally.Counted("Terns", "31");
        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Round = 2,
                Changed = "a wider foot",
            }
        );
        var second = Core.Debriefs.Debrief.Of(Opened(), 2).Teams[0];
        (second.Wanted, second.Changed.Single(), second.Since.Single(), second.Fair).ShouldBe(
            ("a wider foot", "a wider foot", "part: 11 cm more than in round 1: better", "")
        );
        Fair(also: "").ShouldBe("Only this was changed, so it may explain the difference.");
        Fair(also: "new tape").ShouldBe("More than one thing was changed, so none of them can be named as the cause.");

        string Fair(string also) =>
            FairWords.Of([
                new()
                {
                    Id = _rally.NextId(),
                    Changed = "a wider foot",
                    Also = also,
                },
            ]);
    }

    [Fact]
    public void The_station_is_done_when_every_team_that_took_part_has_looked_back()
    {
        At(1).ShouldBe((Readiness.NotStarted, 0));
        _rally.Keep(new Entry.TeamAway { Id = _rally.NextId(), Team = new("whelks") });
        _rally.Keep(
            new Entry.LookedBack
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Together = "well",
            }
        );
        At(1).ShouldBe((Readiness.Done, 0));
    }

    private OpenedRally Opened() => OpenedRally.Open(_rally.Rally).OrThrow();

    private Debrief Debrief() => Core.Debriefs.Debrief.Of(Opened(), 1);

    private string Says(Entry entry) => Recorder.Accept(Opened(), entry).Problems[0].What;

    private (Readiness Ready, int Missing) At(int round)
    {
        var pennant = Bunting.OfRally(Opened(), round).Single(p => p.Station == Station.Debrief);
        return (pennant.Readiness, pennant.Missing);
    }
}
