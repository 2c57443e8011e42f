using PluckyRally.Data.Folder;

namespace PluckyRally.Web;

/// <summary>
/// A zip that is written whole beside the data and gone when it has been sent: a full disk is said, and not sent as
/// half a file, and no memory is held for it. What a program leaves that is ended meanwhile is cleared at the next
/// start.
/// </summary>
internal static class PassingFile
{
    /// <summary>A place for one.</summary>
    public static string In(DataFolder folder) => Path.Combine(folder.Path, $"{folder.Name}-{Guid.NewGuid():N}.zip");

    /// <summary>Opens it, to be sent; it is gone when it is closed.</summary>
    public static FileStream Open(string file) =>
        new(
            file,
            FileMode.Open,
            FileAccess.Read,
            FileShare.None,
            81920,
            FileOptions.DeleteOnClose | FileOptions.Asynchronous
        );
}
