using OpenQA.Selenium.Chrome;
using UglyToad.PdfPig;

namespace PluckyRally.Ui.Tests;

/// <summary>A page as the browser prints it, read back with another library.</summary>
internal static class Printed
{
    public static PdfDocument Of(Browser desk)
    {
        desk.Until(
            () => (bool)((IJavaScriptExecutor)desk.Driver).ExecuteScript("return document.fonts.status === 'loaded'")!,
            "the fonts"
        );
        var printed =
            (Dictionary<string, object>)
                ((ChromeDriver)desk.Driver).ExecuteCdpCommand(
                    "Page.printToPDF",
                    new() { ["preferCSSPageSize"] = true }
                )!;
        return PdfDocument.Open(Convert.FromBase64String((string)printed["data"]));
    }

    public static string Words(PdfDocument pdf, int page) =>
        string.Join(' ', pdf.GetPage(page).GetWords().Select(w => w.Text));
}
