using System.Text.Json;
using System.Text.RegularExpressions;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Words;

/// <summary>
/// The sentences that the core puts together, each form once: two sentences that differ only in the brief's own names,
/// or in numbers of one sort (none, one, several, a fraction), have one form.
/// </summary>
internal sealed class SaidSentences
{
    private readonly Dictionary<string, List<string>> _byPlace = [];
    private readonly HashSet<string> _lines = [];
    private readonly HashSet<string> _forms = [];

    /// <summary>Takes in every sentence that stands anywhere in a value.</summary>
    /// <param name="place">Where people read it.</param>
    /// <param name="value">What the core answers.</param>
    /// <param name="own">The words that a teacher wrote, which are not ours.</param>
    public void Add(string place, object? value, OwnWords own)
    {
        if (value is null)
            return;
        foreach (var text in Texts(JsonSerializer.SerializeToElement(value, value.GetType(), Json.Options)))
        {
            foreach (
                var line in text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            )
            {
                if (IsSaid(line) && _lines.Add(line) && own.FormOf(line) is { Length: > 0 } form && _forms.Add(form))
                    (_byPlace.TryGetValue(place, out var known) ? known : _byPlace[place] = []).Add(line);
            }
        }
    }

    /// <summary>Each form's first example, under the place where it was first met.</summary>
    public override string ToString() =>
        string.Join(
            "\n",
            _byPlace
                .OrderBy(p => p.Key, StringComparer.Ordinal)
                .Select(p =>
                    $"# {p.Key}\n" + string.Concat(p.Value.Order(StringComparer.Ordinal).Select(s => s + "\n"))
                )
        );

    private static IEnumerable<string> Texts(JsonElement element) =>
        element.ValueKind switch
        {
            JsonValueKind.String => [element.GetString()!],
            JsonValueKind.Array => element.EnumerateArray().SelectMany(Texts),
            JsonValueKind.Object => element.EnumerateObject().SelectMany(p => Texts(p.Value)),
            _ => [],
        };

    /// <summary>Words with a space between them; a key, a time, a name of one word and a path are not said.</summary>
    private static bool IsSaid(string text) => Words.IsMatch(text) && !text.StartsWith('/');

    private static readonly Regex Words = new(@"\p{L}\S* \S*[\p{L}\d]");

    /// <summary>What a teacher wrote in a brief and named in a rally.</summary>
    internal sealed class OwnWords
    {
        private readonly HashSet<string> _whole = new(StringComparer.OrdinalIgnoreCase);
        private readonly Regex _names;

        public OwnWords(params object[] written)
        {
            foreach (var document in written)
            {
                foreach (
                    var text in Texts(JsonSerializer.SerializeToElement(document, document.GetType(), Json.Options))
                )
                    _whole.Add(text.Trim().TrimEnd('.'));
            }

            var names = _whole
                .Where(n => n.Length > 2 && !Guid.TryParse(n, out _) && !DateTimeOffset.TryParse(n, out _))
                .OrderByDescending(n => n.Length)
                .Select(Regex.Escape);
            _names = new($@"(?<![\p{{L}}\d])({string.Join('|', names)})(?![\p{{L}}\d])", RegexOptions.IgnoreCase);
        }

        /// <summary>The form of a sentence; empty where all of it is the teacher's.</summary>
        public string FormOf(string said)
        {
            if (_whole.Contains(said.TrimEnd('.')))
                return "";
            var ours = Times.Replace(_names.Replace(said, "~"), "0:00");
            ours = Places.Replace(Numbers.Replace(Days.Replace(ours, "~"), m => Sort(m.Value)), "9th");
            ours = Lists.Replace(Units.Replace(ours, "u"), "~, ~");
            return ours.Any(char.IsLetter) ? ours : "";
        }

        private static string Sort(string number) =>
            number.Contains('.') || number.Contains('/') ? "½"
            : number.All(c => c is '0') ? "0"
            : number is "1" ? "1"
            : "9";

        private static readonly Regex Times = new(@"\d+(:\d\d)+(\.\d+)?( s)?");

        private static readonly Regex Days = new(@"\p{Lu}\p{Ll}{2,8} \d{1,2}, \d{4}");

        private static readonly Regex Numbers = new(@"\d+([.,/]\d+)*");

        private static readonly Regex Places = new(@"[19](st|nd|rd|th)\b");

        private static readonly Regex Units = new(
            @"(?<=[019½]) (~|cm|mm|m|g|kg|in|ft|N|ozf?|mL|L|s)( per (~|g|\w+))?(?![ ]?\d)\b"
        );

        private static readonly Regex Lists = new(
            @"~(, (~|u))+( and (~|u))?|~ and ~|[019½]u?(, [019½]u?)+( and [019½]u?)?|[019½]u?( \+ [019½]u?)+"
        );
    }
}
