using MathNet.Numerics;
using MathNet.Numerics.Statistics;

namespace PluckyRally.Core.Statistics;

/// <summary>A straight line through points: y = intercept + slope·x.</summary>
/// <param name="Slope">The slope.</param>
/// <param name="Intercept">The value at zero.</param>
/// <param name="Correlation">Pearson's r; absent where all x or all y are the same.</param>
/// <param name="Residuals">What each point is above the line.</param>
/// <param name="ResidualDeviation">The standard deviation of the residuals, divided by n − 2; 0 for two points.</param>
public sealed record LineFit(
    double Slope,
    double Intercept,
    double? Correlation,
    IReadOnlyList<double> Residuals,
    double ResidualDeviation
);

/// <summary>A parabola through points: y = a·x² + b·x + c.</summary>
/// <param name="A">The factor of x².</param>
/// <param name="B">The factor of x.</param>
/// <param name="C">The value at zero.</param>
/// <param name="Residuals">What each point is above the curve.</param>
public sealed record ParabolaFit(double A, double B, double C, IReadOnlyList<double> Residuals);

/// <summary>Fits lines and parabolas by least squares.</summary>
public static class Fits
{
    /// <summary>The line through at least two points that do not all have the same x; otherwise null.</summary>
    public static LineFit? Line(IReadOnlyList<double> x, IReadOnlyList<double> y)
    {
        if (x.Count != y.Count || x.Count < 2 || x.All(v => v == x[0]))
            return null;
        var (intercept, slope) = Fit.Line([.. x], [.. y]);
        var residuals = x.Select((v, i) => y[i] - intercept - (slope * v)).ToList();
        var r = y.All(v => v == y[0]) ? (double?)null : Correlation.Pearson(x, y);
        return new(
            slope,
            intercept,
            r,
            residuals,
            x.Count > 2 ? Math.Sqrt(residuals.Sum(e => e * e) / (x.Count - 2)) : 0
        );
    }

    /// <summary>The parabola through at least three points with three different x; otherwise null.</summary>
    public static ParabolaFit? Parabola(IReadOnlyList<double> x, IReadOnlyList<double> y)
    {
        if (x.Count != y.Count || x.Distinct().Count() < 3)
            return null;
        var c = Fit.Polynomial([.. x], [.. y], 2);
        return new(c[2], c[1], c[0], [.. x.Select((v, i) => y[i] - c[0] - (c[1] * v) - (c[2] * v * v))]);
    }

    /// <summary>
    /// The path of a thing thrown from the ground and landing on it, so far away and so high at its peak:
    /// y = −4h/d²·x² + 4h/d·x, leaving at the angle arctan(4h/d) in degrees. Both must be above zero.
    /// </summary>
    public static (double A, double B, double Angle)? Path(double distance, double peak)
    {
        if (distance <= 0 || peak <= 0)
            return null;
        var slope = 4 * peak / distance;
        return (-slope / distance, slope, Math.Atan(slope) * 180 / Math.PI);
    }
}
