<?php

declare(strict_types=1);

namespace Bench\Stress;

use CurlHandle;
use RuntimeException;
use Tests\Browser\SharedServer;

/** Everybody of a shared shop, signed in, and what they ask of it over TLS from one machine. */
final class ShopPeople
{
    private const PASSWORD = 'nine slow wasps turn';

    /** @var list<array{string, string}> cookies and token, by person */
    private array $people = [];

    /** @var list<float> how long signing in took, ms */
    public array $signIns = [];

    /** @var non-empty-string */
    private readonly string $authority;

    public function __construct(private readonly SharedServer $shop, int $benches, int $people)
    {
        $this->authority = $shop->authority();
        $root = dirname(__DIR__, 2);
        exec("cd $root && JACKREST_DATA=".escapeshellarg($shop->data)." php tests/Support/make-shop.php $benches ".
            "$people ".escapeshellarg(self::PASSWORD), $said, $status);
        if ($status !== 0) {
            throw new RuntimeException('The shop could not be filled: '.implode("\n", $said));
        }
        for ($person = 1; $person <= $people; $person++) {
            $began = hrtime(true);
            $this->people[] = $this->signsIn("person $person");
            $this->signIns[] = (hrtime(true) - $began) / 1e6;
        }
        sort($this->signIns);
    }

    /** @return list<int> */
    public function all(): array
    {
        return array_keys($this->people);
    }

    /** @param  array<string, mixed>|null  $body  null: it is only read */
    public function asks(int $person, string $path, ?array $body = null): CurlHandle
    {
        [$cookies, $token] = $this->people[$person];

        return $this->request($path, $body === null ? null : (string) json_encode($body), $cookies, $token);
    }

    /** Somebody who tries a password from a browser that nobody signed in with, or again from one's own. */
    public function tries(string $name, string $password, ?int $from = null): int
    {
        [$cookies, $token] = $from === null ? $this->door() : $this->people[$from];
        $sent = (string) json_encode(['name' => $name, 'password' => $password]);
        $request = $this->request('/api/sign-in', $sent, $cookies, $token);
        curl_exec($request);

        return curl_getinfo($request, CURLINFO_RESPONSE_CODE);
    }

    public function right(): string
    {
        return self::PASSWORD;
    }

    /** @return array{string, string} */
    private function signsIn(string $name): array
    {
        [$cookies, $token] = $this->door();
        $sent = (string) json_encode(['name' => $name, 'password' => self::PASSWORD]);
        $answer = (string) curl_exec($this->request('/api/sign-in', $sent, $cookies, $token));
        if (! str_contains($answer, '"name"')) {
            throw new RuntimeException("$name could not sign in: $answer");
        }

        return self::cookies($answer, $cookies);
    }

    /** @return array{string, string} cookies and token of a browser that has just come to the door */
    private function door(): array
    {
        return self::cookies((string) curl_exec($this->request('/sign-in', null, '', '')), '');
    }

    /** @return array{string, string} all cookies as they are sent, and the token among them */
    private static function cookies(string $answer, string $before): array
    {
        $all = [];
        foreach (array_filter(explode('; ', $before), static fn (string $one): bool => $one !== '') as $one) {
            [$name, $value] = explode('=', $one, 2);
            $all[$name] = $value;
        }
        preg_match_all('/^set-cookie: ([^=]+)=([^;]*)/mi', $answer, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $all[$name] = $value;
        }
        $told = array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($all), $all);

        return [implode('; ', $told), urldecode($all['XSRF-TOKEN'] ?? '')];
    }

    private function request(string $path, ?string $body, string $cookies, string $token): CurlHandle
    {
        $request = curl_init($this->shop->url($path));
        if ($body !== null) {
            curl_setopt($request, CURLOPT_POSTFIELDS, $body);
        }
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_CAINFO => $this->authority,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "Cookie: $cookies",
                "X-XSRF-TOKEN: $token"],
        ]);

        return $request;
    }
}
