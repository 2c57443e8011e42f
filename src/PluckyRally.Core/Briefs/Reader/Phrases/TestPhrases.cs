using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>Attempts, what counts of them, and how long a build must stay as it is.</summary>
internal static class TestPhrases
{
    private const string Tried = "attempts?|tries|try|trials?|goes|chances?|shots?|turns?|throws?|launches|runs?|tests";

    /// <summary>How many attempts there are and which counts.</summary>
    public static IEnumerable<Piece> Attempts(PlainText plain)
    {
        foreach (var pattern in new[] { Tries, Times })
            if (pattern.Match(plain.Text) is { Success: true } found)
            {
                var number = found.Groups["twice"].Success ? 2 : Said.Whole(found.Groups["n"]);
                if (number is { } so)
                    yield return new Piece.Attempts(plain.Range(found), so);
                break;
            }

        if (Counts.Match(plain.Text) is { Success: true } counts)
            yield return new Piece.Combined(
                plain.Range(counts),
                counts.Groups["how"].Value switch
                {
                    "average" or "mean" => Combine.Mean,
                    "median" or "middle" => Combine.Median,
                    "last" => Combine.Last,
                    "first" => Combine.First,
                    "worst" => Combine.Worst,
                    "add" => Combine.Sum,
                    _ => Combine.Best,
                }
            );
    }

    /// <summary>How long it must stay as it is.</summary>
    public static IEnumerable<Piece> Hold(Segment segment, PlainText plain)
    {
        if (!Said.IsConditional(plain.Text) && Stays.Match(plain.Text) is { Success: true } found)
        {
            var range = plain.Range(found);
            var time = plain.Range(found.Groups["time"]);
            var seconds = Said.Amount(found.Groups["n"]) * (found.Groups["min"].Success ? 60 : 1);
            var clause = segment with
            {
                Text = segment.Text.Substring(range.From - segment.From, range.To - range.From),
            };
            var mostOfIt = clause.Text.Length * 2 > segment.Text.Length;
            yield return new Piece.Hold(time, seconds, (mostOfIt ? segment : clause).AsLine);
        }
    }

    private static readonly Regex Tries = new($@"(?<![-\d]){Said.Counted} (?:more )?(?:{Tried})\b");

    private static readonly Regex Times = new(
        @"\b(?:test|tests|tested|try|throws?|thrown|dropped|drop|tries|tried|launch\w*|runs?)\b[^.]*?"
            + @"(?:(?<n>\d+) times\b|(?<twice>twice)\b)"
    );

    private static readonly Regex Counts = new(
        @"\b(?<how>best|better|highest|average|mean|median|middle|last|first|worst)\b"
            + @"(?: one| attempts?| try| tries| result| throws?| runs?| trials?| goes| score| time)?(?: of [\w ]+?)?"
            + @" (?:counts?|will be counted)\b"
            + @"|\btake the (?<how>best|better|average|mean|median|last|first)\b"
            + $@"|\b(?<how>best) of \d+ (?:{Tried})"
            + @"|\b(?<how>add)(?:ed)? (?:up|together)\b"
            + $@"|\b(?<how>average|mean|median) of (?:your |the |all )*\d* ?(?:{Tried})"
    );

    private static readonly Regex Stays = new(
        @"(?<!\bthat (?:it|they|you) |\bthe )\b"
            + @"(?:stand|stay|float|hold|remain|balance|keep|last|support|carr|bear)\w*\b[^.]*?\b(?<time>for "
            + @"(?:at least |more than |about )?"
            + $@"{Said.Number} ?(?:seconds?|secs?|s\b|(?<min>minutes?|mins?)))"
    );
}
