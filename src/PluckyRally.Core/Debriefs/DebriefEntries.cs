using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(AnswerGiven), "answerGiven")]
[JsonDerivedType(typeof(LookedBack), "lookedBack")]
public abstract partial record Entry
{
    /// <summary>An entry of the talk after a round: it is kept, and changes no score.</summary>
    public abstract record OfDebrief : Entry
    {
        internal sealed override bool IsTeachers => false;

        internal sealed override bool MayBeOfReference => false;

        internal sealed override bool IsPrivate => true;

        internal sealed override bool GoesIntoClosedRound => true;

        internal sealed override bool BeginsRound => false;
    }

    /// <summary>An answer to one of the brief's questions: a team's, or the class's.</summary>
    public sealed record AnswerGiven : OfDebrief
    {
        /// <summary>Which question, from 1.</summary>
        public required int Question { get; init; }

        /// <summary>The answer, in a line.</summary>
        public required string Text { get; init; }

        internal override bool MayBeOfClass => true;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var questions = compiled.Brief.Teacher.Questions.Count;
            found.Unless(
                Question >= 1 && Question <= questions,
                "/question",
                "The brief has no such question.",
                questions > 0 ? $"Use 1 to {questions}." : "Write questions in the brief first, for the teacher."
            );
            found.NotEmpty(Text, "/text", "The answer is empty.", "Write it in a line.");
            found.Length(Text, Limits.Text, "/text", "The answer");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Answer to question {Question}: {Text}";
    }

    /// <summary>A team looks back at a round. The last word stands.</summary>
    public sealed record LookedBack : OfDebrief
    {
        /// <summary>What worked.</summary>
        public string Worked { get; init; } = "";

        /// <summary>What did not.</summary>
        public string DidNot { get; init; } = "";

        /// <summary>The one thing that it would change; the pad reminds it of that in the next round.</summary>
        public string Change { get; init; } = "";

        /// <summary>Why that would help.</summary>
        public string Why { get; init; } = "";

        /// <summary>How the team worked together.</summary>
        public string Together { get; init; } = "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            foreach (
                var (text, at, what) in new[]
                {
                    (Worked, "/worked", "What worked"),
                    (DidNot, "/didNot", "What did not"),
                    (Change, "/change", "What is changed"),
                    (Why, "/why", "Why"),
                    (Together, "/together", "How they worked together"),
                }
            )
                found.Length(text, Limits.Text, at, what);
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt)
        {
            var said = new[]
            {
                ("worked", Worked),
                ("did not", DidNot),
                ("change", Change),
                ("because", Why),
                ("together", Together),
            }
                .Where(s => s.Item2.Length > 0)
                .Select(s => $"{s.Item1}: {s.Item2}")
                .ToList();
            return said.Count > 0 ? $"Looked back: {string.Join("; ", said)}" : "Looked back: nothing said";
        }
    }
}
