using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>Points or a total that are not there yet.</summary>
    public sealed record NoPointsYet : Open
    {
        /// <inheritdoc/>
        public override string Say() => "there are no points yet";
    }

    /// <summary>No team has a value that others could be compared with.</summary>
    public sealed record NobodyYet : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no team has a value yet";
    }

    /// <summary>The team missed a rule that it had to meet, so it is compared with no other.</summary>
    /// <param name="Rule">The rule.</param>
    public sealed record MissedRule(Rule Rule) : Absence
    {
        /// <inheritdoc/>
        public override string Say() => $"missed “{Rule.Text}”";
    }

    /// <summary>There is no round before this one.</summary>
    public sealed record NoEarlierRound : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "there is no earlier round";
    }

    /// <summary>The round before brought no value.</summary>
    public sealed record NoEarlierSuccess : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "there was no success in the round before";
    }

    /// <summary>The value of the round before is zero.</summary>
    public sealed record EarlierIsZero : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the earlier value is zero, and nothing is a percentage of zero";
    }
}
