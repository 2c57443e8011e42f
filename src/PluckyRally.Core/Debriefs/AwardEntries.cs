using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(AwardGiven), "awardGiven")]
[JsonDerivedType(typeof(AwardVoted), "awardVoted")]
public abstract partial record Entry
{
    /// <summary>The teacher gives a team an award: one of the brief's, or one thought of on the spot.</summary>
    public sealed record AwardGiven : Entry
    {
        /// <summary>The award's id; empty for one that the brief does not have.</summary>
        public string Award { get; init; } = "";

        /// <summary>What it is called, where the brief does not have it.</summary>
        public string Name { get; init; } = "";

        /// <summary>Why, in a line; may be empty.</summary>
        public string Why { get; init; } = "";

        internal override bool IsTeachers => true;

        internal override bool IsPrivate => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (Award.Length > 0)
                AwardEntries.Find(compiled, Award, found, GivenBy.Teacher);
            else
                found.NotEmpty(Name.Trim(), "/name", "The award has no name.", "Say what it is for.");
            found.Length(Name, Limits.Name, "/name", "The name");
            found.Length(Why, Limits.Text, "/why", "Why");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Award: {AwardEntries.Name(compiled, Award, Name)}{(Why.Length > 0 ? $", {Why}" : "")}";
    }

    /// <summary>A vote for an award: a team's for another team, or one of the jury's.</summary>
    public sealed record AwardVoted : OfDebrief
    {
        /// <summary>The award's id.</summary>
        public required string Award { get; init; }

        /// <summary>The id of the team that it is for.</summary>
        public required TeamId For { get; init; }

        /// <summary>Jury member, where it was on paper; empty where it is who wrote it.</summary>
        public string Voter { get; init; } = "";

        /// <summary>Why, in a line; may be empty.</summary>
        public string Why { get; init; } = "";

        internal override bool MayBeOfClass => true;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var by = AwardEntries.Find(compiled, Award, found, GivenBy.Jury, GivenBy.Vote)?.GivenBy;
            found.Unless(
                by != GivenBy.Vote || Team != default,
                "/team",
                "Nobody says which team votes.",
                "Name the team."
            );
            found.Unless(
                by != GivenBy.Jury || Team == default,
                "/team",
                "A jury gives this award; it speaks for no team.",
                "Leave the team out."
            );
            found.Unless(
                teams.Any(t => t.Id == For),
                "/for",
                "There is no such team in this rally.",
                "Choose one of the teams."
            );
            found.Unless(
                Team == default || Team != For,
                "/for",
                "A team does not vote for itself.",
                "Choose another team."
            );
            found.Length(Voter, Limits.Name, "/voter", "The name");
            found.Length(Why, Limits.Text, "/why", "Why");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"A vote for {AwardEntries.Name(compiled, Award, "")}{(Why.Length > 0 ? $": {Why}" : "")}";
    }
}

/// <summary>Finds the award that an entry is about.</summary>
internal static class AwardEntries
{
    /// <summary>The award, if it is given in one of these ways; otherwise what is wrong is collected.</summary>
    public static Award? Find(CompiledEdition compiled, string id, ProblemCollector found, params GivenBy[] by)
    {
        var award = compiled.Brief.Method.Awards.FirstOrDefault(a => a.Id == id);
        found.Unless(
            award is not null,
            "/award",
            "The brief has no such award.",
            "Use one of its awards that people give."
        );
        found.Unless(
            award is null || (award.GivenBy is { } given && by.Contains(given)),
            "/award",
            "This award is not given in this way.",
            "The brief says who gives it."
        );
        return award;
    }

    public static string Name(CompiledEdition compiled, string id, string otherwise) =>
        compiled.Brief.Method.Awards.FirstOrDefault(a => a.Id == id)?.Name ?? otherwise;
}
