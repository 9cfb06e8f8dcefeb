<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Previews\HandOff;
use App\Previews\PreviewServer;
use App\Support\Chosen;
use App\Support\DeskView;
use Garnetine\Core\Design\DesignFile;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;

/** Starts the processes that previews are handed to, and begins anew each that ends. */
final class ServePreviews extends Command
{
    protected $signature = 'garnetine:previews {--processes= : One for each core, when not given}';

    protected $description = 'Answers previews with the application kept loaded, at the socket '.HandOff::SOCKET;

    public function handle(): int
    {
        $socket = getenv(HandOff::SOCKET);
        $processes = (int) ($this->option('processes') ?? trim((string) shell_exec('nproc')));
        if (!is_string($socket) || $socket === '' || $processes < 1) {
            $this->error(HandOff::SOCKET.' names the socket, and --processes is at least 1.');

            return self::FAILURE;
        }
        // Each process counts for itself, in memory: counts in files took longer than two queries.
        config(['cache.limiter' => 'array']);
        $server = new PreviewServer($this->laravel, $this->laravel->make(Kernel::class));
        // Every process begins with the planner's classes loaded.
        DeskView::preview(Chosen::first(DesignFile::read((string) file_get_contents(base_path('docs/examples/quince-lane.json'))), 'plane-1'));
        @unlink($socket);
        umask(0o077);
        $listening = @stream_socket_server('unix://'.$socket, $code, $why);
        if ($listening === false) {
            $this->error("No socket at $socket: $why");

            return self::FAILURE;
        }
        stream_set_blocking($listening, false);
        $parent = (int) getmypid();
        $running = 0;
        while (true) {
            while ($running < $processes) {
                $child = pcntl_fork();
                if ($child === 0) {
                    $server->serve($listening, $parent);

                    exit(0);
                }
                if ($child < 0) {
                    break;
                }
                ++$running;
            }
            if ($running === 0) {
                $this->error('No process could be started.');

                return self::FAILURE;
            }
            pcntl_wait($status);
            --$running;
            // What ends by a fault would do so again and again.
            if ($status !== 0) {
                sleep(1);
            }
        }
    }
}
