using System.Text.Json.Serialization;

namespace PluckyRally.Core.Results;

/// <summary>Something drawn in a plot. Rows are counted from 0, from the top.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Dot), "dot")]
[JsonDerivedType(typeof(Bar), "bar")]
[JsonDerivedType(typeof(Box), "box")]
[JsonDerivedType(typeof(Path), "path")]
[JsonDerivedType(typeof(Arrow), "arrow")]
[JsonDerivedType(typeof(Cell), "cell")]
public abstract record PlotMark
{
    private PlotMark() { }

    /// <summary>The same without saying whose it is; a bar keeps its value.</summary>
    internal virtual PlotMark WithoutNames() => this with { Says = "" };

    /// <summary>What it stands for, for whoever points at it: "Plovers, attempt 2: 72 beads".</summary>
    public required string Says { get; init; }

    /// <summary>A value.</summary>
    public sealed record Dot : PlotMark
    {
        /// <summary>Where along.</summary>
        public required double X { get; init; }

        /// <summary>How far up: a number, or the number of its row.</summary>
        public required double Y { get; init; }

        /// <summary>The smallest that the true value can be; absent where it is exact.</summary>
        public double? Low { get; init; }

        /// <summary>The largest that the true value can be; absent where it is exact.</summary>
        public double? High { get; init; }

        /// <summary>Whose it is, beside it; empty where its row says so.</summary>
        public string Name { get; init; } = "";

        internal override PlotMark WithoutNames() => this with { Says = "", Name = "" };
    }

    /// <summary>A bar, or a piece of one.</summary>
    public sealed record Bar : PlotMark
    {
        /// <summary>Its row.</summary>
        public required int Row { get; init; }

        /// <summary>Where it begins.</summary>
        public required double From { get; init; }

        /// <summary>Where it ends.</summary>
        public required double To { get; init; }

        /// <summary>Which piece it is, from 0, as in the plot's series.</summary>
        public int Series { get; init; }

        /// <summary>What stands at its end; empty for a piece.</summary>
        public string Name { get; init; } = "";
    }

    /// <summary>Quartiles with the smallest and the largest.</summary>
    public sealed record Box : PlotMark
    {
        /// <summary>Its row.</summary>
        public required int Row { get; init; }

        /// <summary>The smallest.</summary>
        public required double Smallest { get; init; }

        /// <summary>The lower quartile.</summary>
        public required double Lower { get; init; }

        /// <summary>The median.</summary>
        public required double Median { get; init; }

        /// <summary>The upper quartile.</summary>
        public required double Upper { get; init; }

        /// <summary>The largest.</summary>
        public required double Largest { get; init; }
    }

    /// <summary>A line through points.</summary>
    public sealed record Path : PlotMark
    {
        /// <summary>The points along.</summary>
        public required IReadOnlyList<double> X { get; init; }

        /// <summary>The points up, as many.</summary>
        public required IReadOnlyList<double> Y { get; init; }

        /// <summary>What stands at it.</summary>
        public required string Name { get; init; }

        internal override PlotMark WithoutNames() => this with { Says = "", Name = "" };
    }

    /// <summary>From one value to another.</summary>
    public sealed record Arrow : PlotMark
    {
        /// <summary>Its row.</summary>
        public required int Row { get; init; }

        /// <summary>The value before.</summary>
        public required double From { get; init; }

        /// <summary>The value now.</summary>
        public required double To { get; init; }

        /// <summary>Whether it got better; absent where it is the same.</summary>
        public bool? Better { get; init; }
    }

    /// <summary>A box of a counting frame.</summary>
    public sealed record Cell : PlotMark
    {
        /// <summary>Its row.</summary>
        public required int Row { get; init; }

        /// <summary>Which box of the row, from 0.</summary>
        public required int At { get; init; }

        /// <summary>Whether it is filled.</summary>
        public required bool Filled { get; init; }
    }
}
