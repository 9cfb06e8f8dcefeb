<?php

declare(strict_types=1);

namespace App\Paper;

use Symfony\Component\Process\Process;

/** Prints a page of this application as a PDF, in a headless browser of its own that sees nothing else. */
final class Printer
{
    private const SECONDS = 60;

    /**
     * @param string $title ASCII title that the page gives itself once it is drawn: an error page is no paper
     *
     * @throws \RuntimeException with what went wrong, in words for people
     */
    public static function pdf(string $url, string $title): string
    {
        self::sweep();
        $folder = sys_get_temp_dir().'/garnetine-paper-'.bin2hex(random_bytes(8));
        mkdir($folder, 0o700);
        $file = "$folder/paper.pdf";
        $command = [
            'chromium', '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-dev-shm-usage', '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-extensions', ...self::confined($url), '--force-color-profile=srgb',
            '--font-render-hinting=none', "--user-data-dir=$folder/profile", '--no-pdf-header-footer', '--virtual-time-budget=10000',
            "--print-to-pdf=$file", $url,
        ];
        // The browser never runs with the rights of root.
        if (function_exists('posix_geteuid') && posix_geteuid() === 0) {
            chown($folder, 'nobody');
            $command = ['setpriv', '--reuid=nobody', '--regid=nogroup', '--clear-groups', ...$command];
        }
        try {
            $process = new Process($command, $folder, ['HOME' => $folder, 'XDG_CONFIG_HOME' => $folder, 'XDG_CACHE_HOME' => $folder], null, self::SECONDS);
            $process->run();
            $bytes = (string) @file_get_contents($file);
            if (!str_starts_with($bytes, '%PDF-')) {
                throw new \RuntimeException('The browser that prints made no paper: '.mb_strimwidth(trim($process->getErrorOutput()), -300, 300));
            }

            if (!str_contains($bytes, "/Title ($title")) {
                throw new \RuntimeException('The page to print could not be opened at the address of this application.');
            }

            return $bytes;
        } finally {
            (new Process(['rm', '-rf', $folder]))->run();
        }
    }

    /** Takes away what papers left behind that were killed half-way. */
    private static function sweep(): void
    {
        foreach (glob(sys_get_temp_dir().'/garnetine-paper-*') ?: [] as $left) {
            if (time() - (int) @filemtime($left) > 10 * self::SECONDS) {
                (new Process(['rm', '-rf', $left]))->run();
            }
        }
    }

    /**
     * What lets the browser reach the application and nothing else: every other name is unknown to it.
     *
     * @return list<string>
     *
     * @throws \RuntimeException if the certificate that is configured cannot be read
     */
    private static function confined(string $url): array
    {
        $host = (string) parse_url($url, PHP_URL_HOST);
        $address = config('services.print.address');
        // Rules are tried in order: the name of the application first, where it is not to be looked up.
        $rules = is_string($address) && $address !== ''
            ? "MAP $host $address, MAP * ~NOTFOUND, EXCLUDE ".parse_url("//$address", PHP_URL_HOST)
            : "MAP * ~NOTFOUND, EXCLUDE $host";
        $options = ["--host-resolver-rules=$rules"];
        // And for all but its port there is a proxy that is none: addresses that are numbers, other ports of this machine, redirects.
        $port = parse_url($url, PHP_URL_PORT) ?? (parse_url($url, PHP_URL_SCHEME) === 'https' ? 443 : 80);
        array_push($options, '--proxy-server=http://127.0.0.1:9', "--proxy-bypass-list=<-loopback>;$host:$port");
        $file = config('services.print.certificate');
        if (is_string($file) && $file !== '') {
            $key = openssl_pkey_get_public((string) @file_get_contents($file));
            $details = $key === false ? false : openssl_pkey_get_details($key);
            if ($details === false || !is_string($details['key'] ?? null)) {
                throw new \RuntimeException('PRINT_CERTIFICATE names no certificate that can be read.');
            }
            $spki = (string) base64_decode((string) preg_replace('/-----[^-]+-----|\s/', '', $details['key']), true);
            $options[] = '--ignore-certificate-errors-spki-list='.base64_encode(hash('sha256', $spki, true));
        }

        return $options;
    }

    /** Pages of a PDF, as its page tree counts them. */
    public static function pages(string $bytes): int
    {
        return (int) preg_match_all('~/Type\s*/Page(?![s\w])~', $bytes);
    }
}
