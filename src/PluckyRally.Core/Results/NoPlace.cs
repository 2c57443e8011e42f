using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Why a team has no place.</summary>
internal abstract record NoPlace
{
    private NoPlace() { }

    /// <summary>What follows from it.</summary>
    public virtual StandingStatus Status => StandingStatus.Unfinished;

    /// <summary>The reason as a clause.</summary>
    public abstract string Say();

    /// <summary>The team does not take part.</summary>
    public sealed record TeamIsAway(string Why) : NoPlace
    {
        public override StandingStatus Status => StandingStatus.Away;

        public override string Say() => Why;
    }

    /// <summary>A part has no points yet, or none can be given and the brief says that it must have some.</summary>
    public sealed record PartOpen(Part Part, Absence Why) : NoPlace
    {
        public override string Say() => $"{Part.Name}: {Why.Say()}";
    }

    /// <summary>There are attempts to be made or settled.</summary>
    public sealed record AttemptsOpen(Absence Why) : NoPlace
    {
        public override string Say() => Why.Say();
    }

    /// <summary>A rule has still to be answered.</summary>
    public sealed record RuleOpen(Rule Rule, int? Attempt, bool Disputed) : NoPlace
    {
        public override string Say() =>
            $"{(Disputed ? "judges differ" : "still to check")}"
            + $"{(Attempt is { } number ? $" in attempt {number}" : "")}: “{Rule.Text}”";
    }

    /// <summary>A rule was missed that must be met.</summary>
    public sealed record RuleMissed(Rule Rule) : NoPlace
    {
        public override StandingStatus Status => StandingStatus.DidNotPlace;

        public override string Say() => Rule.Text;
    }
}
