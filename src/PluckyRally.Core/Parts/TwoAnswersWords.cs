using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>Several people answered the same thing.</summary>
    /// <param name="By">Who, in the order in which they did; empty for somebody whose name is not known.</param>
    public sealed record SeveralAnswered(IReadOnlyList<string> By) : Working
    {
        public override string Say() =>
            $"Recorded by {English.List([.. By.Select(name => name.Length > 0 ? name : "somebody")])}: the "
            + "last answer stands.";
    }
}
