using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(MarkGiven), "markGiven")]
public abstract partial record Entry
{
    /// <summary>
    /// The teacher marks a team, or one of its students. The last word stands. It gives no points, and nobody else sees
    /// it.
    /// </summary>
    public sealed record MarkGiven : Entry
    {
        /// <summary>The id of what is marked.</summary>
        public required string Criterion { get; init; }

        /// <summary>The level, from 1, the lowest; 0 takes the mark away.</summary>
        public required int Level { get; init; }

        /// <summary>The student's id; empty for the team as a whole.</summary>
        [JsonPropertyName("pupil")]
        public StudentId Student { get; init; }

        internal override bool IsTeachers => true;

        internal override bool IsPrivate => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var criterion = compiled.Brief.Teacher.Marks.FirstOrDefault(m => m.Id == Criterion);
            found.Unless(
                criterion is not null,
                "/criterion",
                "The brief has no such levels.",
                "Choose one of the brief's sets of levels."
            );
            found.Unless(
                criterion is null || (Level >= 0 && Level <= criterion.Levels.Count),
                "/level",
                "There is no such level.",
                $"Use 1 to {criterion?.Levels.Count}, or 0 to remove the level."
            );
            found.Unless(
                Student.Value.Length == 0
                    || teams.FirstOrDefault(t => t.Id == Team) is not { } team
                    || team.Students.Any(p => p.Id == Student),
                "/pupil",
                "There is no such student in this team.",
                "Choose one of the team, or none for the team."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt)
        {
            var criterion = compiled.Brief.Teacher.Marks.FirstOrDefault(m => m.Id == Criterion);
            return $"Level: {criterion?.Name ?? Criterion}, "
                + (Level == 0 ? "removed" : criterion?.Levels.ElementAtOrDefault(Level - 1) ?? $"level {Level}");
        }
    }
}
