<?php

declare(strict_types=1);

namespace Tests\Fault;

use CURLFile;
use CurlHandle;
use RuntimeException;

/** A browser's window as far as a server sees it: a cookie, a token, and requests that leave together. */
final class Client
{
    private string $cookies = '';

    private string $token = '';

    public function __construct(private readonly string $url)
    {
        $page = $this->handle('GET', '/', null);
        curl_setopt($page, CURLOPT_HEADER, true);
        $answer = (string) curl_exec($page);
        preg_match_all('/^set-cookie:\s*([^=]+)=([^;\r\n]*)/mi', $answer, $set, PREG_SET_ORDER);
        foreach ($set as [, $name, $value]) {
            $this->cookies .= "$name=$value; ";
            $this->token = $name === 'XSRF-TOKEN' ? urldecode($value) : $this->token;
        }
        if ($this->token === '') {
            throw new RuntimeException('The page brings no token.');
        }
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, mixed} status and what was answered
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        return $this->together([[$method, $path, $body]])[0];
    }

    /**
     * All at once, as windows do that were tapped in the same moment.
     *
     * @param  list<array{string, string, array<string, mixed>|null}>  $requests
     * @return list<array{int, mixed}>
     */
    public function together(array $requests): array
    {
        return $this->asked($requests)->end();
    }

    /**
     * Pictures, all at once.
     *
     * @param  list<string>  $files
     * @return list<array{int, mixed}>
     */
    public function upload(string $path, array $files): array
    {
        return (new Asked(array_map(function (string $file) use ($path): CurlHandle {
            $handle = $this->handle('POST', $path, null);
            curl_setopt($handle, CURLOPT_POSTFIELDS, ['photo' => new CURLFile($file, 'image/jpeg', 'plane.jpg')]);
            curl_setopt($handle, CURLOPT_HTTPHEADER, [
                'Accept: application/json',
                "Cookie: {$this->cookies}",
                "X-XSRF-TOKEN: {$this->token}",
            ]);

            return $handle;
        }, $files)))->end();
    }

    /**
     * They go out, and are looked after later.
     *
     * @param  list<array{string, string, array<string, mixed>|null}>  $requests
     * @param  float  $seconds  so long they are looked after at once
     */
    public function begin(array $requests, float $seconds = Asked::SENDING_SECONDS): Asked
    {
        return $this->asked($requests)->send($seconds);
    }

    /** @param  list<array{string, string, array<string, mixed>|null}>  $requests */
    private function asked(array $requests): Asked
    {
        return new Asked(array_map(
            fn (array $request): CurlHandle => $this->handle(...$request),
            $requests,
        ));
    }

    /** @param  array<string, mixed>|null  $body */
    private function handle(string $method, string $path, ?array $body): CurlHandle
    {
        $handle = curl_init($this->url.$path);
        if (! $handle instanceof CurlHandle) {
            throw new RuntimeException('curl does not begin.');
        }
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 60,
            CURLOPT_FRESH_CONNECT => true,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                "Cookie: {$this->cookies}",
                "X-XSRF-TOKEN: {$this->token}",
            ],
        ]);
        curl_setopt($handle, CURLOPT_CUSTOMREQUEST, $method === '' ? 'GET' : $method);
        if ($body !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, (string) json_encode($body === [] ? (object) [] : $body));
        }

        return $handle;
    }
}
