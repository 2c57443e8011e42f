namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// Chance by where it is asked for: the same seed and the same place give the same draw, whatever else is drawn. So two
/// briefs are compared by the same classes. Source of the mixing: SplitMix64 (G. L. Steele, D. Lea and C. H. Flood,
/// OOPSLA 2014; constants from memory).
/// </summary>
/// <param name="Seed">Where chance begins.</param>
internal readonly record struct Chances(int Seed)
{
    /// <summary>A draw of the standard normal distribution at a place.</summary>
    public double Normal(params ReadOnlySpan<long> place)
    {
        var mixed = Mixed(unchecked((ulong)Seed));
        foreach (var step in place)
            mixed = Mixed(mixed ^ unchecked((ulong)step * 0x9E3779B97F4A7C15));
        return MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, ((mixed >> 11) + 0.5) * (1.0 / (1UL << 53)));
    }

    /// <summary>A number for a name, the same in every run.</summary>
    public static long Of(string name) => name.Aggregate(17L, (so, letter) => unchecked((so * 31) + letter));

    private static ulong Mixed(ulong of)
    {
        unchecked
        {
            of += 0x9E3779B97F4A7C15;
            of = (of ^ (of >> 30)) * 0xBF58476D1CE4E5B9;
            of = (of ^ (of >> 27)) * 0x94D049BB133111EB;
            return of ^ (of >> 31);
        }
    }
}
