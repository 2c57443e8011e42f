using System.Text.Json;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Folder;

namespace PluckyRally.Web.Keeping;

/// <summary>
/// A second folder for the copies; it belongs to this computer, so it stands beside the data and not in it.
/// </summary>
/// <param name="Path">The folder; empty for none.</param>
/// <param name="Trouble">What could not be written there the last time; empty where all was.</param>
public sealed record SecondFolder(string Path, string Trouble)
{
    internal static SecondFolder Read(string file)
    {
        try
        {
            return File.Exists(file)
                ? JsonSerializer.Deserialize<SecondFolder>(File.ReadAllText(file), Json.Options) ?? new("", "")
                : new("", "");
        }
        catch (JsonException)
        {
            // Damaged by hand: no second folder is named then, and the page shows that there is none.
            return new("", "");
        }
    }

    /// <summary>
    /// The folders of the system (Filesystem Hierarchy Standard 3.0); disks that people plug in are in none of them.
    /// </summary>
    private static readonly string[] OfTheSystem =
    [
        "/bin",
        "/boot",
        "/dev",
        "/etc",
        "/lib",
        "/lib32",
        "/lib64",
        "/proc",
        "/sbin",
        "/sys",
        "/usr",
        "/var",
    ];

    /// <summary>Why backups are not put into a folder; null where they may be.</summary>
    internal static Problem? WhyNot(string path, DataFolder data)
    {
        var real = Real(path);
        return IsIn(real, Real(data.Path))
                ? new(
                    "/path",
                    "The data itself is in this folder.",
                    "Choose one on another disk: a backup on the same disk is lost with it."
                )
            : real == "/" || OfTheSystem.Any(s => IsIn(real, s)) || (IsIn(real, "/run") && !IsIn(real, "/run/media"))
                ? new(
                    "/path",
                    "This folder belongs to the computer’s system.",
                    "Choose a folder of your own, for example on a USB drive under /media."
                )
            : null;
    }

    private static bool IsIn(string path, string folder) =>
        path == folder || path.StartsWith(folder + "/", StringComparison.Ordinal);

    /// <summary>Where a folder is, whatever links lead there.</summary>
    private static string Real(string path)
    {
        var full = System.IO.Path.TrimEndingDirectorySeparator(System.IO.Path.GetFullPath(path));
        var parent = System.IO.Path.GetDirectoryName(full);
        if (parent is null)
            return full;
        var here = System.IO.Path.Combine(Real(parent), System.IO.Path.GetFileName(full));
        return Directory.ResolveLinkTarget(here, returnFinalTarget: true) is { } target ? Real(target.FullName) : here;
    }

    internal void Write(string file)
    {
        using var says = new StreamWriter(file, OwnFiles.Fresh);
        says.Write(Json.Write(this));
    }
}
