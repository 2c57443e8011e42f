using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

public sealed class StagePlannerTests
{
    private static readonly Material Sticks = Sample.Material("sticks", "sticks", amount: 20);

    [Fact]
    public void Says_which_stage_runs_out_and_what_would_do()
    {
        var outcome = StagePlanner.Build(Plan(8, 8, 8), [Sticks]);
        outcome.Reached.ShouldBe(20);
        outcome.Short!.ShouldSatisfyAllConditions(
            s => s.Stage.Id.ShouldBe("s3"),
            s => s.Left.ShouldBe(4),
            s => s.Needed.ShouldBe(8),
            s => s.Total.ShouldBe(24)
        );
    }

    [Fact]
    public void What_lasts_exactly_lasts() =>
        StagePlanner.Build(Plan(8, 8, 4), [Sticks]).ShouldBe(new StageOutcome(30, null));

    [Fact]
    public void What_has_no_limit_never_runs_out() =>
        StagePlanner.Build(Plan(500), [Sticks with { Amount = null }]).Short.ShouldBeNull();

    [Fact]
    public void Amounts_for_each_member_count_for_the_team() =>
        StagePlanner.Build(Plan(20), [Sticks with { Amount = 5, Per = Per.Member }], members: 4).Short.ShouldBeNull();

    private static StagePlan Plan(params decimal[] needs) =>
        new()
        {
            Stages =
            [
                .. needs.Select(
                    (n, i) =>
                        new Stage
                        {
                            Id = $"s{i + 1}",
                            Adds = 10,
                            Needs = [new("sticks", n)],
                        }
                ),
            ],
        };
}
