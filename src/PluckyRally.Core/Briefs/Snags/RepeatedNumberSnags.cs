using System.Globalization;
using System.Text.RegularExpressions;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Numbers that a text repeats from elsewhere in the brief, and that are another one there: an amount of material, how
/// many attempts there are, a price, seconds for a fault, what is the same for everyone.
/// </summary>
internal static class RepeatedNumberSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        var texts = scene.Texts.Select(t => new Said(t.At, t.Text, PlainText.Of(t.Text))).ToList();
        return Amounts(scene, texts)
            .Concat(Attempts(scene, texts))
            .Concat(Prices(scene, texts))
            .Concat(Faults(scene, texts))
            .Concat(SameForAll(scene, texts));
    }

    private static IEnumerable<Snag> Amounts(SnagContext scene, IReadOnlyList<Said> texts)
    {
        foreach (var material in scene.Materials.Where(m => m is { Unit: "", Per: Per.Team }))
        {
            if (material.Amount is not { } amount)
                continue;
            var thing = Thing(material.Name);
            foreach (var said in texts.Where(t => t.At != "/story"))
            {
                if (One(said, $"{Number} (?:of the )?{thing}") is not { } found || found.Number == amount)
                    continue;
                var rule = scene.Rules.FirstOrDefault(r => said.At == $"/rules/{r.Id}/text");
                // A rule may ask for fewer than there are; it cannot ask for more.
                if (
                    rule is not null
                    && found.Number < amount
                    && RuleSnags.Direction(rule.Text) is not (Comparison.AtMost or Comparison.LessThan)
                )
                    continue;
                yield return Snag(
                    said,
                    found,
                    amount,
                    $"{Quoted(said, found)} is said here, and each team gets "
                        + $"{English.Count(amount, English.One(material.Name))}.",
                    "Teams count what they are given, and go by what they read."
                ) with
                {
                    Weight = rule is null ? SnagWeight.Hint : SnagWeight.Matters,
                };
            }
        }
    }

    private static IEnumerable<Snag> Attempts(SnagContext scene, IReadOnlyList<Said> texts)
    {
        if (!scene.Brief.TakesAttempts)
            yield break;
        var attempts = scene.Brief.Trials.Attempts;
        foreach (var said in texts.Where(t => t.At != "/story"))
        {
            if (One(said, $@"{Number} (?:tries|try|attempts?|trials?)\b") is { } found)
            {
                if (found.Number != attempts)
                    yield return Snag(
                        said,
                        found,
                        attempts,
                        $"{Quoted(said, found)} is said here, and the test has {English.Count(attempts, "attempt")}.",
                        "Teams would expect what they read."
                    );
            }
            else if (attempts == 1 && Several.Match(said.Plain.Text) is { Success: true } several)
                yield return new(
                    "repeated",
                    SnagWeight.Matters,
                    said.At,
                    $"“{Original(said, several)}” is said here, and the test has one attempt.",
                    "Teams would wait for a second one."
                );
        }
    }

    private static IEnumerable<Snag> Prices(SnagContext scene, IReadOnlyList<Said> texts)
    {
        foreach (var material in scene.Materials.Where(m => m.Price is not null))
        {
            foreach (var said in texts)
            {
                if (
                    One(said, $@"{Thing(material.Name)} costs? \D?{Number}(?! ?(?:seconds?|points?))") is { } found
                    && found.Number != material.Price
                )
                    yield return Snag(
                        said,
                        found,
                        material.Price!.Value,
                        $"{Quoted(said, found)} is said here, and the price in the list is "
                            + $"{Numerals.Write(material.Price.Value)}.",
                        "Teams would budget with one price and pay another."
                    );
            }
        }
    }

    private static IEnumerable<Snag> Faults(SnagContext scene, IReadOnlyList<Said> texts)
    {
        foreach (var fault in scene.Brief.Method.Parts.OfType<Part.Relay>().SelectMany(p => p.Faults))
        {
            foreach (var said in texts)
            {
                if (
                    One(said, $@"{Thing(fault.Name)} (?:costs?|adds?|is|are) {Number} (?:extra |more )?seconds?\b")
                        is { } found
                    && found.Number != fault.Seconds
                )
                    yield return Snag(
                        said,
                        found,
                        fault.Seconds,
                        $"{Quoted(said, found)} is said here, and {fault.Name} costs "
                            + $"{English.Count(fault.Seconds, "second")} in the scoring.",
                        "Teams would be timed by another rule than they read."
                    );
            }
        }
    }

    private static IEnumerable<Snag> SameForAll(SnagContext scene, IReadOnlyList<Said> texts)
    {
        foreach (var condition in scene.Brief.Conditions)
        {
            if (LengthIn.Matches(PlainText.Of(condition.FixedAt).Text) is not [var fixedAt])
                continue;
            foreach (var noun in Nouns.Matches(condition.Text.ToLowerInvariant()).Select(m => m.Value))
            {
                foreach (var said in texts.Where(t => t.At != $"/conditions/{condition.Id}/text"))
                {
                    var pattern =
                        $@"\b{Regex.Escape(noun)}(?:s|ped|ping)? (?:it )?(?:of |from |is )"
                        + $@"(?<length>{LengthPattern})|\b(?<length>{LengthPattern}) {Regex.Escape(noun)}\b";
                    if (
                        Regex.Matches(said.Plain.Text, pattern) is [{ } match]
                        && match.Groups["length"].Value != fixedAt.Value
                    )
                        yield return new(
                            "repeated",
                            SnagWeight.Matters,
                            said.At,
                            $"“{Original(said, match)}” is said here, and “{condition.Text}” is fixed at "
                                + $"{condition.FixedAt}.",
                            "One of the two is what teams will be tested with."
                        );
                }
            }
        }
    }

    private static Snag Snag(Said said, Repeated found, decimal number, string what, string why)
    {
        var range = said.Plain.Range(found.Digits);
        var text = said.Text[..range.From] + Numerals.Write(number) + said.Text[range.To..];
        return new(
            "repeated",
            SnagWeight.Matters,
            said.At,
            what,
            why,
            new($"Write “{text}”", [Change.Set(said.At, text)])
        );
    }

    /// <summary>The one number that a text has at such a place; null where it has none there, or several.</summary>
    private static Repeated? One(Said said, string pattern) =>
        Regex.Matches(said.Plain.Text, pattern) is [{ } match]
        && decimal.TryParse(
            match.Groups["number"].Value,
            NumberStyles.Number,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? new(number, match, match.Groups["number"])
            : null;

    private static string Quoted(Said said, Repeated found) => $"“{Original(said, found.Match)}”";

    private static string Original(Said said, Capture found)
    {
        var range = said.Plain.Range(found);
        return said.Text[range.From..range.To];
    }

    private static string Thing(string name)
    {
        var one = English.One(name).ToLowerInvariant();
        return $"(?:{Regex.Escape(one)}|{Regex.Escape(English.Several(one))}|{Regex.Escape(name.ToLowerInvariant())})"
            + @"\b";
    }

    private const string Number = @"(?<![\w.,/])(?<number>\d+(?:\.\d+)?)(?!\s*(?:-|to|or)\s*\d)";

    private const string LengthPattern = @"\d+(?:\.\d+)? ?(?:mm|cm|m|in|inch|inches|ft|foot|feet|yards?)\b";

    private static readonly Regex LengthIn = new(LengthPattern);

    private static readonly Regex Nouns = new(
        @"\b(?!the|and|for|how|what|where|which|its|every|each|long|wide|high|deep)[a-z]{3,}\b"
    );

    private static readonly Regex Several = new(
        @"\b(?:better|best of (?:your|the|all)|next|second|other|another) (?:try|attempt|trial)\b|\bnext turn\b"
    );

    private sealed record Said(string At, string Text, PlainText Plain);

    private sealed record Repeated(decimal Number, Match Match, Group Digits);
}
