using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Says how a value stands to what a team is compared with.</summary>
internal static class ReferenceWords
{
    /// <summary>So many times as much.</summary>
    public static string Times(Reference reference, decimal times)
    {
        var rounded = Rounding.ToDecimals(times, 1);
        return rounded == 1
            ? $"as much as {Named(reference)}"
            : $"{Numerals.Write(rounded)} times "
                + $"{(reference.Purpose == Purpose.ByHand && IsPlain(reference) ? "as much as " : "")}"
                + $"{Named(reference)}";
    }

    private static bool IsPlain(Reference reference) =>
        reference.Name.Equals(Reference.Word(reference.Purpose), StringComparison.OrdinalIgnoreCase);

    private static string Named(Reference reference) =>
        !IsPlain(reference)
            ? $"“{reference.Name}”"
            : reference.Purpose switch
            {
                Purpose.Control => "the control",
                Purpose.Benchmark => "the one to beat",
                Purpose.ByHand => "by hand",
                Purpose.Score or Purpose.Practice => SentenceCase.Sentence(reference.Name),
            };
}
