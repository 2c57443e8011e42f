using PluckyRally.Core.Parts;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Tests.Statistics;

public sealed class FitsTests
{
    // NIST Statistical Reference Datasets, linear regression; certified values from memory.
    [Fact]
    public void Norris_comes_out_at_the_certified_values()
    {
        var (x, y) = Points("nist-norris.csv");
        var fit = Fits.Line(x, y)!;
        fit.Intercept.ShouldBe(-0.262323073774029, 1e-10);
        fit.Slope.ShouldBe(1.00211681802045, 1e-12);
        fit.ResidualDeviation.ShouldBe(0.884796396144373, 1e-10);
    }

    [Fact]
    public void Pontius_comes_out_at_the_certified_values()
    {
        var (x, y) = Points("nist-pontius.csv");
        var fit = Fits.Parabola(x, y)!;
        fit.C.ShouldBe(0.673565789473684e-3, 1e-9);
        fit.B.ShouldBe(0.732059160401003e-6, 1e-14);
        fit.A.ShouldBe(-0.316081871345029e-14, 1e-20);
    }

    // A projectile's path over level ground is y = 4h/d·x − 4h/d²·x² (school physics; common practice, no source).
    [Theory]
    [InlineData(5, 2, -8.0 / 25, 8.0 / 5, 57.99)]
    [InlineData(6, 4, -4.0 / 9, 8.0 / 3, 69.44)]
    public void A_path_from_its_length_and_its_peak(double distance, double peak, double a, double b, double angle)
    {
        var path = Fits.Path(distance, peak)!.Value;
        path.A.ShouldBe(a, 1e-12);
        path.B.ShouldBe(b, 1e-12);
        path.Angle.ShouldBe(angle, 0.005);
    }

    [Fact]
    public void A_parabola_through_points_of_a_path_is_that_path()
    {
        double[] x = [0, 1, 2.5, 4, 5];
        var fit = Fits.Parabola(x, [.. x.Select(v => (-8 / 25.0 * v * v) + (8 / 5.0 * v))])!;
        fit.A.ShouldBe(-0.32, 1e-12);
        fit.B.ShouldBe(1.6, 1e-12);
        fit.Residuals.ShouldAllBe(r => Math.Abs(r) < 1e-12);
    }

    [Fact]
    public void What_cannot_be_fitted_is_not()
    {
        Fits.Line([1], [1]).ShouldBeNull();
        Fits.Line([2, 2, 2], [1, 2, 3]).ShouldBeNull();
        Fits.Line([1, 2, 3], [4, 4, 4])!.Correlation.ShouldBeNull();
        Fits.Parabola([1, 2, 1, 2], [1, 2, 3, 4]).ShouldBeNull();
        Fits.Path(0, 1).ShouldBeNull();
    }

    [Fact]
    public void Kendalls_tau_is_that_of_R()
    {
        var lines = ReferenceFile.Lines("r-kendall.csv");
        lines.Count.ShouldBeGreaterThan(20);
        foreach (var line in lines)
        {
            var (right, reversed, tied) = OrderingScore.Pairs([
                .. ReferenceFile.Numbers(line[0]).Select(k => (decimal)k),
            ]);
            ((double)OrderingScore.Tau(right, reversed, tied)!.Value).ShouldBe(
                ReferenceFile.Number(line[1]),
                1e-12,
                line[0]
            );
        }
    }

    [Fact]
    public void Places_after_ties_are_the_ranks_of_R()
    {
        foreach (var line in ReferenceFile.Lines("r-ranks.csv"))
        {
            var totals = line[0].Split(' ');
            if (totals.Length == 1)
                continue; // Nobody is first of one here.
            var rally = new Happening(Sample.Simple(), [.. totals.Select((_, i) => $"T{i}")]);
            for (var i = 0; i < totals.Length; i++)
                rally.Counted($"T{i}", totals[i]);
            rally
                .Standings()
                .Rows.OrderBy(r => int.Parse(r.Name[1..]))
                .Select(r => r.Place!.Value)
                .ShouldBe(line[1].Split(' ').Select(int.Parse), line[0]);
        }
    }

    [Fact]
    public void A_fair_test_changes_one_thing()
    {
        var one = new Dictionary<string, string> { ["arm"] = "long", ["cup"] = "paper" };
        FairTest
            .Compare(one, new Dictionary<string, string> { ["arm"] = "short", ["cup"] = "Paper" })
            .ShouldSatisfyAllConditions(
                t => t.MayClaimCause.ShouldBeTrue(),
                t => t.Says.ShouldStartWith("Only “arm” differs")
            );
        FairTest
            .Compare(one, new Dictionary<string, string> { ["arm"] = "short" })
            .ShouldSatisfyAllConditions(
                t => t.MayClaimCause.ShouldBeFalse(),
                t => t.Says.ShouldStartWith("Arm and cup differ")
            );
        FairTest.Compare(one, one).MayClaimCause.ShouldBeFalse();
    }

    private static (double[] X, double[] Y) Points(string file)
    {
        var lines = ReferenceFile.Lines(file);
        return ([.. lines.Select(l => ReferenceFile.Number(l[1]))], [.. lines.Select(l => ReferenceFile.Number(l[0]))]);
    }
}
