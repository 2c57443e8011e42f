using System.Text.Json.Nodes;

namespace PluckyRally.Core;

/// <summary>
/// Brings a brief of version 2 to version 3. That one only has more fields, and each that is absent means what
/// version 2 meant: tasks are no race (<c>race</c>), a counter has no limit (<c>counters/atMost</c>), rounds stand by
/// themselves (<c>method/overRounds</c>).
/// </summary>
internal static class UpgradeTo3
{
    /// <summary>Mends a brief of version 2 in place.</summary>
    public static void Mend(JsonObject brief) => brief["version"] = 3;
}
