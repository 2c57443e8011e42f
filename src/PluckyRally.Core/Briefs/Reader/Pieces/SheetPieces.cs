using System.Text.Json;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>A text of the sheet: its title, its goal, its story.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Place">Where it stands in the brief.</param>
    /// <param name="Name">What that place is called.</param>
    /// <param name="Text">The text.</param>
    public sealed record Sheet(TextRange From, string Place, string Name, string Text) : Piece(From)
    {
        public override string Says() => $"{Name}: {Text}";

        /// <summary>What is said in several sentences for one place is one text.</summary>
        public override IReadOnlyList<Change> Changes(PieceDraft draft)
        {
            var same = draft.All.OfType<Sheet>().Where(s => s.Place == Place).ToList();
            return
            [
                Change.Set(
                    Place,
                    string.Join(" ", same.TakeWhile(s => !ReferenceEquals(s, this)).Append(this).Select(s => s.Text))
                ),
            ];
        }
    }

    /// <summary>Something that is the same for everyone.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Text">What it is.</param>
    /// <param name="FixedAt">What it is fixed at; empty where it is not said.</param>
    public sealed record Same(TextRange From, string Text, string FixedAt) : Piece(From)
    {
        public override string Says() => $"The same for everyone: {Text}{(FixedAt.Length > 0 ? $", {FixedAt}" : "")}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                Change.Append(
                    "/conditions",
                    new Condition
                    {
                        Id = draft.Id("condition"),
                        Text = Text,
                        FixedAt = FixedAt,
                    }
                ),
            ];
    }

    /// <summary>A word of science.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Term">The word.</param>
    /// <param name="Meaning">What it means.</param>
    public sealed record Word(TextRange From, string Term, string Meaning) : Piece(From)
    {
        public override string Says() => $"A word: {Term}, {Meaning}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [Change.Append("/words", new ScienceWord { Word = Term, Meaning = Meaning })];
    }

    /// <summary>Something that can hurt.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Kind">What it is.</param>
    public sealed record Caution(TextRange From, HazardKind Kind) : Piece(From)
    {
        public override string Says() => $"A caution: {Cautions.Of(Kind).Name.ToLowerInvariant()}.";

        public override (string At, JsonElement Value) Stands(IReadOnlyList<Change> changes) =>
            Stand("/hazards/-", new Hazard { Kind = Kind });

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            draft.Brief.Hazards.Any(h => h.Kind == Kind) ? [] : [Change.Append("/hazards", new Hazard { Kind = Kind })];
    }

    /// <summary>The grades that it is for.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Band">The grades.</param>
    public sealed record Grades(TextRange From, GradeBand Band) : Piece(From)
    {
        public override string Says() => $"{GradeBands.Name(Band)}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/grades", Band)];
    }

    /// <summary>Two or more ways to take it: the teacher decides.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Asks">The question.</param>
    /// <param name="Readings">The ways, each a piece.</param>
    public sealed record Asked(TextRange From, string Asks, IReadOnlyList<Piece> Readings) : Piece(From)
    {
        public override string Says() => Asks;

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [];
    }

    /// <summary>What is not understood; it stays as text where it most likely belongs.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Text">The text.</param>
    public sealed record Unread(TextRange From, string Text) : Piece(From)
    {
        public override string Says() => "It stays in the teacher's notes as it is.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [];
    }
}
