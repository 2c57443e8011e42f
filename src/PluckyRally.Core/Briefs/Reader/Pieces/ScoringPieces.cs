using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>Points for something measured.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Measure">What is measured.</param>
    /// <param name="Each">Points for one unit.</param>
    /// <param name="Cap">The most points that it gives; null where there is no most.</param>
    public sealed record Points(TextRange From, SaidMeasure Measure, decimal Each, decimal? Cap = null) : Piece(From)
    {
        public override string Says() =>
            $"{MethodWords.Points(Each)} for each "
            + Measure.OneOfIt
            + (Measure.Kind == MeasureKind.Count ? "" : $" of {Measure.Name.ToLowerInvariant()}")
            + (Cap is { } most ? $", at most {MethodWords.Points(most)}." : ".");

        /// <summary>The same for a measure in another unit: 1 point for each inch is 12 for each foot.</summary>
        public Points In(SaidMeasure measure) => this with { Measure = measure, Each = EachIn(measure.Unit) };

        /// <summary>Points for one of another unit.</summary>
        public decimal EachIn(string unit) =>
            Units.Find(Measure.Unit) is { } said && Units.Find(unit) is { } other && said.Kind == other.Kind
                ? Rounding.ToDigits(Each * other.Scale(said, 1))
                : Each;

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            Scored(draft, Measure, new Curve.Rate(EachIn(Measure.In(draft.Brief).Unit)), Cap);
    }

    /// <summary>Points for something measured, by a curve.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Measure">What is measured.</param>
    /// <param name="Curve">How it becomes points.</param>
    /// <param name="Sentence">The same in words.</param>
    public sealed record Curved(TextRange From, SaidMeasure Measure, Curve Curve, string Sentence) : Piece(From)
    {
        public override string Says() => $"{Measure.Name}: {Sentence}.";

        /// <summary>The same for a measure in another unit.</summary>
        public Curved In(SaidMeasure measure) => this with { Measure = measure, Curve = CurveIn(measure.Unit) };

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            Scored(draft, Measure, CurveIn(Measure.In(draft.Brief).Unit), null);

        private Curve CurveIn(string unit) =>
            unit != Measure.Unit
            && Units.Find(Measure.Unit) is { } said
            && Units.Find(unit) is { } other
            && said.Kind == other.Kind
                ? Curve.InUnit(value => Rounding.ToDigits(said.To(other, value)), said.To(other, 1) - said.To(other, 0))
                : Curve;
    }

    /// <summary>A part for a measure, which is added where the brief does not have it.</summary>
    private static IReadOnlyList<Change> Scored(PieceDraft draft, SaidMeasure measure, Curve curve, decimal? cap) =>
        [
            .. draft.With(measure),
            Change.Append<Part>(
                "/method/parts",
                new Part.Measured
                {
                    Id = draft.Id($"{measure.Id}_points"),
                    Name = measure.Name,
                    Value = measure.In(draft.Brief).Id,
                    Better = measure.Better,
                    Combine = draft.All.OfType<Combined>().FirstOrDefault()?.How ?? Combine.Best,
                    Cap = cap,
                    Curve = curve,
                }
            ),
        ];

    /// <summary>Which total wins.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Direction">The highest or the lowest.</param>
    public sealed record Wins(TextRange From, WinningDirection Direction) : Piece(From)
    {
        public override string Says() =>
            Direction == WinningDirection.Highest ? "The highest total wins." : "The lowest total wins.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/method/wins", Direction)];
    }

    /// <summary>What decides between equal totals.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Measure">What is measured.</param>
    /// <param name="Better">Which way is better.</param>
    public sealed record Tie(TextRange From, SaidMeasure Measure, Better Better) : Piece(From)
    {
        public override string Says() => $"If totals are equal, this decides: {SayName()}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                .. draft.With(Measure),
                Change.Append(
                    "/method/tieBreaks",
                    new TieBreak
                    {
                        Name = SayName(),
                        Value = Measure.In(draft.Brief).Id,
                        Better = Better,
                    }
                ),
            ];

        private string SayName() =>
            (Measure.Kind, Better) switch
            {
                (MeasureKind.Count, Better.Less) => $"fewer {Measure.Unit}",
                (_, Better.Less) => $"less {Measure.Name.ToLowerInvariant()}",
                (_, Better.More) when Measure.Kind == MeasureKind.Count => $"more {Measure.Unit}",
                (_, Better.More) => $"more {Measure.Name.ToLowerInvariant()}",
            };
    }
}
