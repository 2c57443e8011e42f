using System.Text.Json;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>A phase of the lesson.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Kind">What it is for.</param>
    /// <param name="Minutes">How long it is.</param>
    public sealed record OfPhase(TextRange From, PhaseKind Kind, decimal Minutes) : Piece(From)
    {
        public override string Says() => $"{Time.Minutes.Name(Kind)}: {English.Count(Minutes, "minute")}.";

        /// <summary>What the id of the phase begins with.</summary>
        public static string Stem(OfPhase phase) => phase.Kind.ToString().ToLowerInvariant();

        /// <summary>A phase that is there gets its minutes; the warnings that were said go to building.</summary>
        public override IReadOnlyList<Change> Changes(PieceDraft draft)
        {
            if (draft.Brief.Timing.Phases.FirstOrDefault(p => p.Kind == Kind) is { } there)
                return [Change.Set($"/timing/phases/{there.Id}/minutes", Minutes)];
            var warnings = Kind == PhaseKind.Build ? draft.All.OfType<Warning>().Select(w => w.Before).ToList() : [];
            return
            [
                Change.Append(
                    "/timing/phases",
                    new Phase
                    {
                        Id = draft.IdOf(this, Stem(this)),
                        Kind = Kind,
                        Minutes = Minutes,
                        Warning = warnings.FirstOrDefault(),
                        Warnings = [.. warnings.Skip(1)],
                    }
                ),
            ];
        }
    }

    /// <summary>A warning before building ends.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Before">Minutes before the end.</param>
    public sealed record Warning(TextRange From, decimal Before) : Piece(From)
    {
        public override string Says() => $"A warning {English.Count(Before, "minute")} before building ends.";

        public override (string At, JsonElement Value) Stands(IReadOnlyList<Change> changes) =>
            Stand("/timing/phases/build/warnings/-", Before);

        public override bool HasPlace(PieceDraft draft) =>
            draft.All.OfType<OfPhase>().Any(p => p.Kind == PhaseKind.Build) || Build(draft.Brief) is not null;

        /// <summary>
        /// A build phase that is added with it has it already; one that is there gets all that were said.
        /// </summary>
        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            Build(draft.Brief) is { } build
                ?
                [
                    Change.Set(
                        $"/timing/phases/{build.Id}/warnings",
                        draft.All.OfType<Warning>().Select(w => w.Before).ToList()
                    ),
                ]
                : [];

        private static Phase? Build(Brief brief) => brief.Timing.Phases.FirstOrDefault(p => p.Kind == PhaseKind.Build);
    }

    /// <summary>How long a lesson is.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Minutes">Its minutes.</param>
    public sealed record OfLesson(TextRange From, decimal Minutes) : Piece(From)
    {
        public override string Says() => $"A lesson of {English.Count(Minutes, "minute")}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/timing/lesson", Minutes)];
    }

    /// <summary>How many lessons there are.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Number">How many.</param>
    public sealed record Lessons(TextRange From, int Number) : Piece(From)
    {
        public override string Says() => $"{English.Count(Number, "lesson")}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/timing/lessons", Number)];
    }

    /// <summary>How many teams are expected.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Number">How many.</param>
    public sealed record Teams(TextRange From, int Number) : Piece(From)
    {
        public override string Says() => $"{English.Count(Number, "team")}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/timing/teams", Number)];
    }

    /// <summary>How many students a team has.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Students">How many.</param>
    public sealed record TeamSize(TextRange From, int Students) : Piece(From)
    {
        public override string Says() => $"Teams of {English.Count(Students, "student")}.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/timing/teamSize", Students)];
    }
}
