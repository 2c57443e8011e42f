using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(AnswersHeld), "answersHeld")]
[JsonDerivedType(typeof(AnswerShown), "answerShown")]
public abstract partial record Entry
{
    /// <summary>
    /// Whether the teacher looks at what teams answer on their own devices before a wall shows it. The last word
    /// stands, in all rounds.
    /// </summary>
    public sealed record AnswersHeld : Entry
    {
        /// <summary>Whether answers wait.</summary>
        public required bool Held { get; init; }

        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool IsOfWholeLesson => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(Team == default, "/team", "This holds for all teams.", "Leave the team out.");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            Held ? "Teams’ answers wait for a look" : "Teams’ answers are shown at once";
    }

    /// <summary>The teacher has looked at a team's answer; a wall may show it.</summary>
    public sealed record AnswerShown : Entry
    {
        /// <summary>The answer, by its entry's id.</summary>
        public required EntryId Answer { get; init; }

        internal override bool IsTeachers => true;

        internal override bool IsPrivate => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => this;

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            found.Unless(
                log.Stands.Any(e => e is AnswerGiven && e.Id == Answer && e.Team == Team),
                "/answer",
                "This team has given no such answer.",
                "Reload the page; it may have been removed."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) => "An answer is shown";
    }
}
