using System.Globalization;
using Microsoft.Net.Http.Headers;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Data.Briefs;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>The revision of a brief as an ETag; a save names the one it was made from as If-Match.</summary>
internal static class Revisions
{
    public static string Tag(int revision) => $"\"{revision}\"";

    public static int? OpenedAt(HttpRequest request) =>
        EntityTagHeaderValue.TryParse(request.Headers.IfMatch.ToString(), out var tag)
        && int.TryParse(tag.Tag.ToString().Trim('"'), NumberStyles.None, CultureInfo.InvariantCulture, out var revision)
            ? revision
            : null;

    /// <summary>Names the window that saves; empty where it does not say.</summary>
    public static string Window(HttpRequest request) =>
        request.Headers["Editing-Window"].ToString() is { Length: <= 40 } name ? name : "";

    /// <summary>Where the brief that stands differs from the one that was to be saved.</summary>
    public static IReadOnlyList<Difference> Differences(StoredBrief stands, Brief wanted) =>
        DocumentReader.Brief(stands.Document) is { IsOk: true } there
            ? BriefDifferences.Between(there.Value.Value, wanted)
            : [];

    public static Refused NotSaid() =>
        new([
            new(
                "",
                "The request does not say from which revision the brief was changed.",
                "Send the ETag that came with it as If-Match."
            ),
        ]);
}
