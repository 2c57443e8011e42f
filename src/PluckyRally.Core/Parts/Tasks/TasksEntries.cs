using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(TaskTicked), "taskTicked")]
[JsonDerivedType(typeof(TasksTimed), "tasksTimed")]
public abstract partial record Entry
{
    /// <summary>A task was done, or so many steps of it; the last word stands.</summary>
    public sealed record TaskTicked : OfPart
    {
        /// <summary>The task's id.</summary>
        public required string Task { get; init; }

        /// <summary>Steps done in all, from 0; all of them where absent.</summary>
        public int? Steps { get; init; }

        /// <summary>
        /// A judge's ruling on whether the team is among the first; the order of receipt decides where absent.
        /// </summary>
        public bool? AmongFirst { get; init; }

        internal override string? Answers => Task;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Tasks>(compiled, Part, found) is not { } part)
                return this;
            var task = part.Items.FirstOrDefault(i => i.Id == Task);
            found.Unless(
                task is not null,
                "/task",
                "There is no such task.",
                ProblemCollector.UseOneOf(part.Items.Select(i => i.Name))
            );
            found.Unless(
                task is null || Steps is null || (Steps >= 0 && Steps <= task.Steps),
                "/steps",
                "The task does not have that many steps.",
                $"Use 0 to {task?.Steps}."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Tasks>(compiled, this, part =>
                $"{part?.Items.FirstOrDefault(i => i.Id == Task)?.Name ?? Task} {SayDone()}"
            );

        private string SayDone() =>
            Steps switch
            {
                null => "done",
                0 => "not done",
                { } steps => English.Count(steps, "step"),
            };
    }

    /// <summary>The team's time for the tasks.</summary>
    public sealed record TasksTimed : OfPart
    {
        /// <summary>What was read, in seconds.</summary>
        public required Reading Time { get; init; }

        internal override string? Answers => "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Tasks>(compiled, Part, found) is not { } part)
                return this;
            found.Unless(
                part.TimePoints is not null,
                "/part",
                "This part gives no points for time.",
                "Leave the time out."
            );
            return this with { Time = PartEntries.Time(Time, Part, TasksScore.Step, found) };
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Tasks>(compiled, this, _ => Time.Typed);
    }
}
