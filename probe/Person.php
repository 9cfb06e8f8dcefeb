<?php

declare(strict_types=1);

const USERS = ['planner@example.test' => 'garnet-demo', 'other@example.test' => 'a-long-password', 'colleague@example.test' => 'a-long-password'];

/** One person at the desk: cookies of their own. */
final class Person
{
    /** @var array<string, string> */
    private array $cookies = [];

    public function __construct(private readonly string $origin, string $email)
    {
        $this->finish($this->begin('GET', '/login'));
        $answer = $this->finish($this->begin('POST', '/login', ['email' => $email, 'password' => USERS[$email]]));
        if ($answer['status'] >= 400) {
            throw new RuntimeException("$email cannot log in: {$answer['status']} ".substr($answer['body'], 0, 200));
        }
    }

    public function begin(string $method, string $path, mixed $body = null): CurlHandle
    {
        $handle = curl_init($this->origin.$path);
        $cookies = implode('; ', array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($this->cookies), $this->cookies));
        curl_setopt_array($handle, [
            // Behind TLS under a name that leads to this machine, with a certificate of a moment ago.
            CURLOPT_RESOLVE => [parse_url($this->origin, PHP_URL_HOST).':'.parse_url($this->origin, PHP_URL_PORT).':127.0.0.1'], CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 120, CURLOPT_COOKIE => $cookies, CURLOPT_HEADER => true,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($this->cookies['XSRF-TOKEN'] ?? '')],
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => is_string($body) ? $body : (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR)]));

        return $handle;
    }

    /** @return array{status: int, body: string, s: float, server: string} Which of several servers answered, where that is told */
    public function finish(CurlHandle $handle, ?string $answer = null): array
    {
        $answer ??= (string) curl_exec($handle);
        $split = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);
        preg_match_all('/^set-cookie: ([^=]+)=([^;\r\n]*)/mi', substr($answer, 0, $split), $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $this->cookies[$name] = $value;
        }

        preg_match('/^x-answered-by: (\S+)/mi', substr($answer, 0, $split), $server);

        return ['server' => $server[1] ?? '', 'status' => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), 'body' => substr($answer, $split), 's' => (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME)];
    }

    /** @return array{status: int, body: string, s: float, server: string} Which of several servers answered, where that is told */
    public function ask(string $method, string $path, mixed $body = null): array
    {
        return $this->finish($this->begin($method, $path, $body));
    }

    /** @return array<string, mixed> */
    public function view(int $job): array
    {
        return (array) json_decode($this->ask('GET', "/jobs/$job/view")['body'], true);
    }
}
