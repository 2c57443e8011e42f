using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>A rule was missed whose miss fails the part.</summary>
    /// <param name="Rule">The rule.</param>
    public sealed record RuleMissed(Rule Rule) : Absence
    {
        /// <inheritdoc/>
        public override bool NoSuccess => true;

        /// <inheritdoc/>
        public override string Say() => $"“{Rule.Text}” was missed";
    }
}
