<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Paper\Printer;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Browser\Chrome;
use Tests\TestCase;

/** The browser that prints sees the application and nothing else. */
final class PrinterTest extends TestCase
{
    // A connection of its own would be another one that a test of lost connections comes upon.
    use RefreshDatabase;

    public function test_a_page_that_reaches_for_files_other_ports_and_redirects_gets_nothing(): void
    {
        $folder = sys_get_temp_dir().'/garnetine-printer-'.bin2hex(random_bytes(4));
        mkdir($folder);
        [$own, $other] = [Chrome::freePort(), Chrome::freePort()];
        $wants = array_map(static fn (string $from): string => "<img src='$from'><iframe src='$from'></iframe><link rel=stylesheet href='$from'>", ["http://127.0.0.1:$other/port", "http://localhost:$other/name", 'http://10.0.0.1/number', 'file:///etc/hostname', '/away', 'http://elsewhere.example/']);
        file_put_contents("$folder/router.php", "<?php file_put_contents('$folder/asked-'.\$_SERVER['SERVER_PORT'], \$_SERVER['REQUEST_URI'].\"\\n\", FILE_APPEND);
            if (\$_SERVER['REQUEST_URI'] === '/away') { header('Location: http://127.0.0.1:$other/redirected'); exit; }
            echo '<title>A paper</title><p>Drawn.</p>', ".var_export(implode('', $wants), true).';');
        $servers = [];
        foreach ([$own, $other] as $port) {
            $servers[] = proc_open(['php', '-S', "127.0.0.1:$port", "$folder/router.php"], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
            Chrome::wait($port);
        }
        try {
            $paper = Printer::pdf("http://127.0.0.1:$own/", 'A paper');
            self::assertSame(1, Printer::pages($paper));
            self::assertStringContainsString('/away', (string) file_get_contents("$folder/asked-$own"), 'it did reach');
            self::assertFileDoesNotExist("$folder/asked-$other");
            file_put_contents("$folder/paper.pdf", $paper);
            self::assertStringNotContainsString(trim((string) gethostname()), (string) shell_exec('pdftotext '.escapeshellarg("$folder/paper.pdf").' -'));
            foreach (['/' => ['Another paper', 'could not be opened'], '/away' => ['A paper', 'made no paper']] as $path => [$title, $says]) {
                try {
                    Printer::pdf("http://127.0.0.1:$own$path", $title);
                    self::fail("$path is a paper");
                } catch (\RuntimeException $trouble) {
                    self::assertStringContainsString($says, $trouble->getMessage());
                }
            }
        } finally {
            array_map(static fn ($server): bool => is_resource($server) && proc_terminate($server), $servers);
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }
}
