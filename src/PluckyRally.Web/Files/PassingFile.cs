using PluckyRally.Data.Folder;

namespace PluckyRally.Web.Files;

/// <summary>
/// A zip that is written whole beside the data and gone when it has been sent: a full disk is said, and not sent as
/// half a file, and no memory is held for it. What a program leaves that is ended meanwhile is cleared at the next
/// start.
/// </summary>
internal static class PassingFile
{
    /// <summary>Writes one and opens it, to be sent; it is gone when it is closed, or could not be written.</summary>
    public static async Task<FileStream> Write(DataFolder folder, Func<string, Task> write)
    {
        var file = Path.Combine(folder.Path, $"{folder.Name}-{Guid.NewGuid():N}.zip");
        try
        {
            await write(file);
        }
        catch
        {
            File.Delete(file);
            throw;
        }

        return new(
            file,
            FileMode.Open,
            FileAccess.Read,
            FileShare.None,
            81920,
            FileOptions.DeleteOnClose | FileOptions.Asynchronous
        );
    }
}
