using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// A text as the phrase parsers look at it: lower case, numbers in digits whether they were words or fractions, and for
/// every character of it the place in the text that it comes from.
/// </summary>
internal sealed class PlainText
{
    private readonly List<int> _starts = [];
    private readonly List<int> _ends = [];
    private readonly StringBuilder _text = new();

    private PlainText(string source) => Source = source;

    /// <summary>What was said.</summary>
    public string Source { get; }

    /// <summary>The text to look at.</summary>
    public string Text => _text.ToString();

    /// <summary>Reads a segment of a longer text.</summary>
    /// <param name="source">The segment.</param>
    /// <param name="offset">Where it begins in the longer text.</param>
    public static PlainText Of(string source, int offset = 0)
    {
        var plain = new PlainText(source);
        var tokens = Token
            .Matches(source)
            .Select(m => new Piece(Plain(m.Value), offset + m.Index, offset + m.Index + m.Length))
            .ToList();
        foreach (var token in Joined(tokens))
            plain.Add(token);
        return plain;
    }

    /// <summary>The place in the whole text of a stretch of this one.</summary>
    public TextRange Range(int from, int length) =>
        length == 0 || _starts.Count == 0
            ? new(0, 0)
            : new(_starts[from], _ends[Math.Min(from + length, _ends.Count) - 1]);

    /// <summary>The place in the whole text of what a pattern found.</summary>
    public TextRange Range(Capture found) => Range(found.Index, found.Length);

    private void Add(Piece token)
    {
        foreach (var letter in token.Text)
        {
            _text.Append(letter);
            _starts.Add(token.From);
            _ends.Add(token.To);
        }
    }

    /// <summary>Numbers that are said in several words become one.</summary>
    private static IEnumerable<Piece> Joined(List<Piece> tokens)
    {
        for (var i = 0; i < tokens.Count; )
        {
            var (number, used) = NumberWords.At([.. tokens.Skip(i).Take(NumberWords.Longest).Select(t => t.Text)]);
            if (used == 0)
                yield return tokens[i++];
            else
            {
                yield return new(
                    number.ToString("0.######", CultureInfo.InvariantCulture),
                    tokens[i].From,
                    tokens[i + used - 1].To
                );
                i += used;
            }
        }
    }

    private static string Plain(string token) =>
        token switch
        {
            "’" or "‘" => "'",
            "“" or "”" or "″" => "\"",
            "–" or "—" or "−" => "-",
            "½" => "1/2",
            "¼" => "1/4",
            "¾" => "3/4",
            "×" => "x",
            "pt" or "PT" => "point",
            "pts" or "PTS" => "points",
            "≥" => "at least",
            "≤" => "at most",
            ">" => "more than",
            "<" => "less than",
            // No class counts that far.
            { Length: > 6 } when char.IsAsciiDigit(token[0]) => new string('#', token.Length),
            _ => token.Replace('’', '\'').ToLowerInvariant(),
        };

    private sealed record Piece(string Text, int From, int To);

    private static readonly Regex Token = new(
        @"\d+/\d+|\d+(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?|\.\d+|[\p{L}]+(?:['’][\p{L}]+)*|\s+|."
    );
}

/// <summary>A stretch of a text: its first character, and the one behind its last.</summary>
/// <param name="From">The first character, from 0.</param>
/// <param name="To">The one behind the last.</param>
public sealed record TextRange(int From, int To)
{
    /// <summary>Whether both have a character in common.</summary>
    internal bool Meets(TextRange other) => From < other.To && other.From < To;
}
