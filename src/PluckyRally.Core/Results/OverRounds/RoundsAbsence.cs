using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>A round is still running, and the team has not finished in it.</summary>
    /// <param name="Round">The round.</param>
    public sealed record RoundOpen(int Round) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"not finished in round {Round} yet";
    }

    /// <summary>A team has no total in a round, and will have none.</summary>
    /// <param name="Round">The round.</param>
    /// <param name="Why">Why it has no place there; null where it was not in the rally then.</param>
    public sealed record NotInRound(int Round, string? Why) : Absence
    {
        /// <inheritdoc/>
        public override string Say() =>
            Why is null ? $"not in the rally in round {Round}"
            : Why.Length == 0 ? $"no place in round {Round}"
            : $"no place in round {Round} ({SentenceCase.Sentence(Why)})";
    }
}
