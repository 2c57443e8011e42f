using PluckyRally.Core.Checks;

namespace PluckyRally.Core.Tests.Score;

/// <summary>When a judge can turn to the attempts: must-haves first.</summary>
public sealed class ReadyTests
{
    private readonly Happening _rally = new(
        Sample.Brief(
            [
                Sample.Height(),
                Sample.Count("sheets", "sheets", ReadOccasion.Once),
                Sample.Number("mass", 0.5m, ReadOccasion.Once),
            ],
            [Sample.Part("height")],
            rules:
            [
                Sample.Inspection("stand", new Consequence.DoesNotPlace()),
                Sample.Inspection("hold", new Consequence.AttemptDoesNotCount(), CheckTime.EveryAttempt),
                Sample.Limit("mass", "mass", Comparison.AtMost, "20", new Consequence.DoesNotPlace()),
            ]
        ),
        "Terns"
    );

    [Fact]
    public void Every_must_have_is_looked_at_first_and_what_is_read_once_is_read()
    {
        State().ShouldBe((false, false));
        _rally.Checked("Terns", "stand", met: true);
        State().ShouldBe((false, false), "the mass decides a rule and is not read");
        _rally.Read("Terns", "mass", "18");
        State().ShouldBe((true, false), "what is left is no must-have");
        _rally.Read("Terns", "sheets", "9");
        State().ShouldBe((true, true), "what is checked in every attempt holds nobody up");
    }

    [Fact]
    public void A_missed_must_have_is_settled_and_one_that_is_too_near_is_not()
    {
        _rally.Checked("Terns", "stand", met: false);
        _rally.Read("Terns", "mass", "26");
        Sheet().Settled.ShouldBeTrue();
        _rally.Read("Terns", "mass", "20");
        Sheet().Rules.Single(r => r.Id == "mass").TooNear.ShouldBeTrue("a reading to half a gram may be 20.2");
        Sheet().Settled.ShouldBeFalse();
    }

    [Fact]
    public void Where_there_is_nothing_to_look_at_the_attempts_come_at_once()
    {
        var plain = new Happening(Sample.Simple(), "Terns");
        TeamSheet.For(OpenedRally.Open(plain.Rally).OrThrow(), new("terns"), 1)!.Ready.ShouldBeTrue();
    }

    private TeamSheet Sheet() => TeamSheet.For(OpenedRally.Open(_rally.Rally).OrThrow(), new("terns"), 1)!;

    private (bool Settled, bool Ready) State() => (Sheet().Settled, Sheet().Ready);
}
