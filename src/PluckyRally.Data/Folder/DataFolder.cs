namespace PluckyRally.Data.Folder;

/// <summary>Where everything is kept, and what is called what there.</summary>
/// <param name="Path">The folder.</param>
/// <param name="Name">What the data file and all beside it begin with: <c>rally</c> for the teacher's own, <c>demo</c>
/// for the demo.</param>
public sealed record DataFolder(string Path, string Name = "rally")
{
    /// <summary>The data file.</summary>
    public string File => At(".db");

    /// <summary>The folder of the photos.</summary>
    public string Photos => At("-photos");

    /// <summary>The folder of the copies.</summary>
    public string Copies => At("-copies");

    /// <summary>Where a file goes that cannot be used any more. Nothing is thrown away there.</summary>
    public string SetAside => At("-set-aside");

    /// <summary>What is held while a server uses the data.</summary>
    internal string Lock => At(".lock");

    /// <summary>Says where the server is that holds the lock.</summary>
    internal string Running => At(".running");

    /// <summary>A data file that is being made; it is put in place in one step, or not at all.</summary>
    internal string Unfinished => At(".unfinished.db");

    /// <summary>The keys that cookies are signed with.</summary>
    public string Keys => System.IO.Path.Combine(Path, "keys");

    private string At(string ending) => System.IO.Path.Combine(Path, Name + ending);
}
