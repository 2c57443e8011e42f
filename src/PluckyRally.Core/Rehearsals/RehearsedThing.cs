using MathNet.Numerics.Distributions;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// One thing that is left to chance in a rehearsal: what is expected of it, and where that comes from.
/// </summary>
/// <param name="Handle">Names it: a measure's id, a part's id with what of it, or the place of a rule, of the trials or
/// of a phase.</param>
/// <param name="Name">What it is called.</param>
/// <param name="From">Where what is expected comes from.</param>
internal abstract record RehearsedThing(string Handle, string Name, string From)
{
    /// <summary>
    /// Makes it ready to be drawn many times. What comes of a draw hangs on how well it goes at that moment, as a draw
    /// of the standard normal distribution, above 0 where it goes better than usual; something that happens several
    /// times asks once for each.
    /// </summary>
    public abstract Func<Func<int, double>, decimal> Ready();

    /// <summary>How many times it can happen in one go, each by itself; 1 for an amount.</summary>
    public int Times { get; init; } = 1;

    /// <summary>The same with what a teacher wrote instead.</summary>
    public abstract RehearsedThing As(RehearsalAsked asked);

    /// <summary>The same as it really came; itself where too little did.</summary>
    public abstract RehearsedThing As(IReadOnlyList<ThingCame> came, string from);

    /// <summary>It as it is shown.</summary>
    public abstract RehearsalInput Shown { get; }

    /// <summary>Fewer than this say nothing about what is usual (common practice, no source).</summary>
    public const int Fewest = 5;

    /// <summary>A value between a smallest and a largest one.</summary>
    /// <param name="Of">What is read, with its unit and step.</param>
    /// <param name="Expected">What is expected of it.</param>
    /// <param name="From">Where that comes from.</param>
    public sealed record Amount(TryHandle Of, Pert Expected, string From) : RehearsedThing(Of.Id, Of.Name, From)
    {
        private const int Steps = 512;

        /// <summary>Where nobody says more than between what a slider moves.</summary>
        public static Amount Guess(TryHandle of) =>
            new(of, new(of.Low, (of.Low + of.High) / 2, of.High), RehearsalWords.Guess);

        public override Func<Func<int, double>, decimal> Ready()
        {
            var quantiles = Expected.Quantiles(Steps);
            return z =>
            {
                var at = Normal.CDF(0, 1, Of.LessIsBetter ? -z(0) : z(0)) * Steps;
                var below = Math.Min(Steps - 1, (int)at);
                var value = quantiles[below] + ((quantiles[below + 1] - quantiles[below]) * (at - below));
                return Expected.Low + Rounding.ToStep((decimal)value - Expected.Low, Of.Step);
            };
        }

        public override RehearsedThing As(RehearsalAsked asked) =>
            asked.Expected.TryGetValue(Handle, out var own) ? this with { Expected = own } : this;

        public override RehearsedThing As(IReadOnlyList<ThingCame> came, string from) =>
            came.Where(c => c.Unit is null || c.Unit == Of.Unit).Select(c => c.Value).ToList()
                is { Count: >= Fewest } values
                ? this with
                {
                    Expected = Pert.Through(values, Of.Step),
                    From = from,
                }
                : this;

        public override RehearsalInput Shown =>
            new(Handle, Name, Of.Unit, Expected, null, From, From == RehearsalWords.Guess) { Words = Of.Words };
    }

    /// <summary>Something that happens or does not, once or several times.</summary>
    /// <param name="Handle">Names it.</param>
    /// <param name="Name">What it is called.</param>
    /// <param name="InAHundred">How often it happens, in 100 tries.</param>
    /// <param name="Good">Whether it is good when it happens: then it happens more often where it goes well.</param>
    /// <param name="From">Where that comes from.</param>
    public sealed record Happening(
        string Handle,
        string Name,
        decimal InAHundred,
        bool Good,
        string From = RehearsalWords.Guess
    ) : RehearsedThing(Handle, Name, From)
    {
        /// <summary>Whether it ends at the first time that it does not happen.</summary>
        public bool InARow { get; init; }

        public override Func<Func<int, double>, decimal> Ready()
        {
            var share = (double)InAHundred / 100;
            var edge =
                share <= 0 ? double.NegativeInfinity
                : share >= 1 ? double.PositiveInfinity
                : Normal.InvCDF(0, 1, share);
            return z =>
            {
                var count = 0;
                for (var i = 0; i < Times; i++)
                {
                    if ((Good ? -z(i) : z(i)) < edge)
                        count++;
                    else if (InARow)
                        break;
                }

                return count;
            };
        }

        public override RehearsedThing As(RehearsalAsked asked) =>
            asked.Chances.TryGetValue(Handle, out var own) ? this with { InAHundred = own } : this;

        public override RehearsedThing As(IReadOnlyList<ThingCame> came, string from) =>
            came.Sum(c => c.Of) is var all && all < Fewest
                ? this
                : this with
                {
                    InAHundred = Math.Round(100 * came.Sum(c => c.Value) / all, 0),
                    From = from,
                };

        public override RehearsalInput Shown => new(Handle, Name, "", null, InAHundred, From);
    }
}

/// <summary>What really came of a thing, once.</summary>
/// <param name="Handle">Names the thing, as a rehearsal does.</param>
/// <param name="Value">The value; of something that happens or does not, how often it did.</param>
/// <param name="Of">Of something that happens or does not: how often it could have.</param>
internal sealed record ThingCame(string Handle, decimal Value, int Of = 1)
{
    /// <summary>The unit in which a measure was read then; null for what has no other.</summary>
    public string? Unit { get; init; }

    /// <summary>Whether it was read in an attempt that failed.</summary>
    public bool OfFailed { get; init; }
}
