using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>What entries say of who wrote them, where that is nobody with a name. No judge may go by it.</summary>
public static class Writers
{
    /// <summary>The teacher.</summary>
    public const string Teacher = "Teacher";

    /// <summary>A team, on its own device; which one stands in the entry.</summary>
    public const string Team = "A team";

    /// <summary>
    /// Why somebody may not go by a name; null where they may. The log says these two of nobody else.
    /// </summary>
    /// <param name="name">The name.</param>
    /// <param name="at">The field that it was typed in.</param>
    public static Problem? NotOneself(string name, string at) =>
        KeyOf(name).Length == 0 ? new(at, "This name cannot be read.", "Use letters or digits.")
        : ReadsAs(name, Team)
            ? new(
                at,
                "The log says “A team” of what teams write themselves.",
                "Use another name, for example your first name."
            )
        : ReadsAs(name, Teacher)
            ? new(at, "The log says “Teacher” of the teacher alone.", "Use another name, for example your first name.")
        : null;

    /// <summary>
    /// What names have in common that are read as the same: case, spaces, punctuation and wide letters do not tell them
    /// apart.
    /// </summary>
    public static string KeyOf(string name) =>
        string.Concat(
            name.Select(c => c is >= '\uFF01' and <= '\uFF5E' ? (char)(c - 0xFEE0) : c)
                .Where(char.IsLetterOrDigit)
                .Select(char.ToLowerInvariant)
        );

    /// <summary>
    /// Whether a name could be read as another, plain one: it has as many letters, and each is the same or one of
    /// another script or with a mark on it, of which many look alike.
    /// </summary>
    private static bool ReadsAs(string name, string plain)
    {
        var (key, other) = (KeyOf(name), KeyOf(plain));
        return key.Length == other.Length
            && key.Zip(other).All(p => p.First == p.Second || p.First > 127)
            && key.Zip(other).Count(p => p.First == p.Second) > other.Length / 2;
    }
}
