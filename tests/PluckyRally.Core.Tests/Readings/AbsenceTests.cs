namespace PluckyRally.Core.Tests.Readings;

/// <summary>
/// Why there is no value: whether recording can still bring one, whether it was tried, and how that is said.
/// </summary>
public sealed class AbsenceTests
{
    private static readonly Measure Height = Sample.Height();

    public static TheoryData<Absence, bool, bool, string> All() =>
        new()
        {
            { new Absence.NotRead(Height), true, false, "“Height” has not been measured yet" },
            { new Absence.NotRead(Height, 2), true, false, "attempt 2 has no reading of “Height”" },
            { new Absence.AttemptsToMake(0, 3), true, false, "no attempt has been made yet" },
            { new Absence.AttemptsToMake(1, 3), true, false, "1 of 3 attempts made" },
            { new Absence.AttemptWaits(), true, false, "an attempt needs a decision" },
            {
                new Absence.JudgesDiffer(2),
                true,
                false,
                "attempt 2 was counted by one judge and failed by another; agree, and cross out what is wrong"
            },
            { new Absence.TooFewCounted(1, 3), true, false, "1 counted attempt, and the mean of the best 3 needs 3" },
            { new Absence.NoPointsYet(), true, false, "there are no points yet" },
            { new Absence.NobodyYet(), true, false, "no team has a value yet" },
            { new Absence.NothingSorted(), true, false, "nothing has been sorted yet" },
            { new Absence.SortingNotTimed(), true, false, "the time for sorting has not been entered yet" },
            { new Absence.NoOrder(), true, false, "no order has been given yet" },
            { new Absence.NoPieces(), true, false, "no pieces have been counted yet" },
            { new Absence.PieceNotMeasured("width"), true, false, "a width is missing" },
            { new Absence.LegsToTime(0, 4), true, false, "no leg has been timed yet" },
            { new Absence.LegsToTime(2, 4), true, false, "2 of 4 legs timed" },
            {
                new Absence.NotJudged(new() { Id = "neat", Name = "Neatness" }),
                true,
                false,
                "“Neatness” has not been judged yet"
            },
            {
                new Absence.LevelsDiffer(new() { Id = "neat", Name = "Neatness" }, [("Pell", "tidy"), ("", "rough")]),
                true,
                false,
                "the judges have to agree on Neatness: Pell says “tidy” and somebody says “rough”"
            },
            { new Absence.NoTaskTicked(), true, false, "no task has been checked off yet" },
            { new Absence.TasksNotTimed(), true, false, "the time for the tasks has not been entered yet" },
            { new Absence.NoneCounted(), false, true, "no attempt counted" },
            {
                new Absence.RuleMissed(Sample.Inspection("float", new Consequence.NoteOnly())),
                false,
                true,
                "“It must float” was missed"
            },
            { new Absence.Stopped(2, 4), false, true, "it stopped after 2 of 4 legs" },
            { new Absence.DividedByZero(), false, false, "it would mean dividing by zero" },
            { new Absence.RootBelowZero(), false, false, "a number below zero has no root" },
            { new Absence.NoPower(), false, false, "the power has no value" },
            { new Absence.TooLarge(), false, false, "the number would be too large to write down" },
            { new Absence.NothingToCompare(), false, false, "there are no two things to compare" },
            { new Absence.NoEarlierRound(), false, false, "there is no earlier round" },
            {
                new Absence.MissedRule(Sample.Inspection("dry", new Consequence.DoesNotPlace())),
                false,
                false,
                $"missed “{Sample.Inspection("dry", new Consequence.DoesNotPlace()).Text}”"
            },
            { new Absence.RaceNotFinished(), false, false, "the race was not finished" },
            { new Absence.RoundOpen(2), true, false, "not finished in round 2 yet" },
            { new Absence.NotInRound(2, null), false, false, "not in the rally in round 2" },
            { new Absence.NotInRound(2, "Absent"), false, false, "no place in round 2 (absent)" },
            { new Absence.NoEarlierSuccess(), false, false, "there was no success in the round before" },
            {
                new Absence.EarlierIsZero(),
                false,
                false,
                "the earlier value is zero, and nothing is a percentage of zero"
            },
        };

    [Theory]
    [MemberData(nameof(All))]
    public void An_absence_is_a_fact_and_can_be_said(Absence absence, bool notYet, bool noSuccess, string says)
    {
        absence.NotYet.ShouldBe(notYet);
        absence.NoSuccess.ShouldBe(noSuccess);
        absence.Say().ShouldBe(says);
    }
}
