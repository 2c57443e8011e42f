using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

/// <summary>What is handed out for a second round.</summary>
public sealed class NextRoundKitTests
{
    private static readonly Brief Brief = Sample.Brief(
        [Sample.Height()],
        [Sample.Part("height", new Curve.Rate(1))]
    ) with
    {
        Trials = new Trials
        {
            Attempts = 3,
            FreshBuildAfterFailure = true,
            FreshBuilds = 2,
        },
        Materials =
        [
            Straws(Per.FreshBuild),
            Straws(Per.Team) with
            {
                Id = "card",
                Name = "card",
            },
            Straws(Per.Round) with
            {
                Id = "ice",
                Name = "ice",
            },
        ],
    };

    /// <summary>5 for the first build and each of two fresh ones; in round 2 for the fresh ones alone.</summary>
    [Theory]
    [InlineData(1, false, "15 straws + 5 card + 5 ice")]
    [InlineData(2, false, "10 straws + 5 ice")]
    [InlineData(2, true, "15 straws + 5 card + 5 ice")]
    public void A_later_round_gets_what_its_fresh_builds_need_and_all_where_teams_build_anew(
        int round,
        bool anew,
        string kit
    )
    {
        var brief = Brief with { Trials = Brief.Trials with { BuildsAnew = anew } };
        var run = RunRound.Alike(CompiledEdition.For(new Edition { Brief = brief }).OrThrow(), [Team], round);
        string.Join(
                " + ",
                KitList.Of(TeamKit.HandedOut(run), run.Present, []).Lines.Select(l => $"{l.Total} {l.Material.Name}")
            )
            .ShouldBe(kit);
    }

    private static Team Team => new() { Id = new("a"), Name = "A" };

    private static Material Straws(Per per) =>
        Sample.Material("straws", "straws", amount: 5, category: "stiffening", per: per);
}
