using System.Globalization;
using System.Text.RegularExpressions;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>Something in the cupboard.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="Amount">How much there is, 0 or more.</param>
public sealed record CupboardItem(string Name, string Unit, decimal Amount)
{
    /// <summary>Whether there is always enough of it: it is taken from what lies around, and not bought.</summary>
    public bool AlwaysThere { get; init; }

    /// <summary>What else it is called, as the teacher said; absent where it has one name.</summary>
    public IReadOnlyList<OtherName>? OtherNames { get; init; }

    private const string WouldDo = "Write how much there is, such as 12, 2.5 m or 3 rolls of 50 + 12.";

    /// <summary>Where another amount of the same differs from this one.</summary>
    public IReadOnlyList<Difference> DifferencesTo(CupboardItem after)
    {
        var found = new DifferenceCollector();
        found.At("/amount", after.Name, Said(this), Said(after));
        return found.Found;

        static string Said(CupboardItem item) =>
            item.Amount == 0 ? "none" : $"{Numerals.Write(Math.Round(item.Amount, 2))} {item.Unit}".Trim();
    }

    /// <summary>
    /// Understands how much there is as it is typed: <c>12</c>, <c>2 m</c>, <c>7 1/2 in</c>, and rolls beside what is
    /// loose: <c>3 rolls of 50 + 12</c>.
    /// </summary>
    /// <param name="name">What it is.</param>
    /// <param name="unit">Its unit, empty for pieces; null where the typed one is its unit.</param>
    /// <param name="typed">How much of it.</param>
    public static Result<CupboardItem> Read(string name, string? unit, string typed)
    {
        var (text, own) = (Counted(typed.Trim()), unit?.Trim());
        if (own is null)
        {
            own = text[(text.LastIndexOfAny([.. "0123456789½¼¾"]) + 1)..].Trim();
            own = Units.Read(own)?.Symbol ?? own;
        }

        var known = Units.Read(own);
        var read = ReadingParser.ParseAmount(
            text,
            new Measure
            {
                Id = "amount",
                Name = name.Trim().Length > 0 ? name.Trim() : "How much",
                Kind = known?.Kind ?? MeasureKind.Number,
                Unit = known?.Symbol ?? own,
                Step = 0.01m,
            }
        );
        if (!read.IsOk)
            return Result<CupboardItem>.Refused([
                .. read.Problems.Select(p => p with { At = "/typed", Remedy = WouldDo }),
            ]);
        if (read.Value.Bound != Bound.Exact)
            return Result<CupboardItem>.Refused(new Problem("/typed", "This does not say how much there is.", WouldDo));
        var item = new CupboardItem(name, own, read.Value.Value);
        return item.Problems() is { Count: > 0 } wrong
            ? Result<CupboardItem>.Refused(wrong)
            : Result<CupboardItem>.Ok(item);
    }

    /// <summary>Rolls, packs and what lies loose beside them as one number; anything else as it is.</summary>
    private static string Counted(string typed)
    {
        var packed = Packed.Match(typed);
        if (!packed.Success)
            return typed;
        long Of(string part) =>
            packed.Groups[part].Success ? long.Parse(packed.Groups[part].ValueSpan, CultureInfo.InvariantCulture) : 0;
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{(Of("packs") * Of("each")) + Of("loose")}{packed.Groups["unit"].Value}"
        );
    }

    private static readonly Regex Packed = new(
        @"^(?<packs>\d{1,6})\s*(?:(?:rolls?|packs?|boxes|box|bags?|tubes?)\s+of\s+"
            + @"|[x×]\s*)(?<each>\d{1,6})(?:\s*(?:\+|and)\s*(?<loose>\d{1,6})(?:\s+loose)?)?(?<unit>\s*[^\d.,]*)$",
        RegexOptions.IgnoreCase
    );

    /// <summary>What keeps it from being in a cupboard.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.NotEmpty(Name, "/name", "The thing has no name.", "Say what it is.");
        found.Length(Name, Limits.Name, "/name", "The name");
        found.Count(OtherNames ?? [], Limits.Parts, "/otherNames", "other names");
        foreach (var (other, i) in (OtherNames ?? []).Select((o, i) => (o, i)))
        {
            found.NotEmpty(other.Name, $"/otherNames/{i}/name", "The other name is empty.", "Say what it is called.");
            found.Length(other.Name, Limits.Name, $"/otherNames/{i}/name", "The other name");
            found.Unless(
                other.Each is > 0 and <= 1_000_000,
                $"/otherNames/{i}/each",
                "It does not say how much is in one.",
                "Write a number above 0."
            );
        }

        found.Unless(Amount is >= 0 and <= 1_000_000, "/amount", "The amount is out of range.", "Write 0 or more.");
        return found.Problems;
    }
}

/// <summary>Another name of something in the cupboard.</summary>
/// <param name="Name">What it is called too.</param>
/// <param name="Unit">What it is counted or measured in there; empty for pieces.</param>
/// <param name="Each">How much of the thing, in its own unit, one of these is; above 0.</param>
public sealed record OtherName(string Name, string Unit, decimal Each);
