using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(ReferenceAdded), "referenceAdded")]
public abstract partial record Entry
{
    /// <summary>
    /// A comparison has a sheet of its own from now on. What stands as the entry's team is its id: what is recorded on
    /// it names it so.
    /// </summary>
    public sealed record ReferenceAdded : Entry
    {
        /// <summary>What it is called.</summary>
        public required string Name { get; init; }

        /// <summary>Control, to beat, or by hand.</summary>
        public required Purpose Purpose { get; init; }

        /// <summary>The team whose own it is; empty for the whole class.</summary>
        public TeamId Of { get; init; }

        internal override bool IsTeachers => false;

        internal override bool BeginsRound => false;

        internal override bool IsOfLesson => true;

        internal override string? IntroducedName => Name;

        internal override bool ChangesReferences => true;

        internal override bool ChangesOthers(Trials trials) => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.NotEmpty(Name, "/name", "It has no name.", "Type what it is, for example “Bare egg”.");
            found.Length(Name, Limits.Name, "/name", "The name");
            found.Unless(
                Team.Value.Length is > 0 and <= 40,
                "/team",
                "Its id is empty or too long.",
                "The device that writes the entry gives it one of at most 40 characters."
            );
            found.Unless(
                Purpose is Purpose.Control or Purpose.Benchmark or Purpose.ByHand,
                "/purpose",
                "What is scored or practised has no sheet of its own.",
                "Use control, benchmark or byHand."
            );
            found.Unless(
                Of == default || teams.Any(t => t.Id == Of),
                "/of",
                "There is no such team in this rally.",
                "Name the team whose own it is, or leave it out where it is for all."
            );
            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            Roster.CheckFree(log.Round.Teams, Team, Name, "", found);
            found.Unless(
                log.Round.References.All(r => r.Id != Team),
                "/team",
                "There is a sheet of this id already.",
                "Give it an id of its own."
            );
            found.Unless(
                log.Round.References.All(r =>
                    r.Of != Of || !r.Name.Equals(Name.Trim(), StringComparison.OrdinalIgnoreCase)
                ),
                "/name",
                $"“{ProblemCollector.Short(Name)}” has a sheet already.",
                "Choose another name, or go on with that sheet."
            );
            found.Unless(
                log.Round.References.Count < Limits.References,
                "",
                $"There are {Limits.References} comparisons, and no more fit.",
                "Cross one out first."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Comparison: {Name} ({SentenceCase.Sentence(Reference.Word(Purpose))})";
    }
}
