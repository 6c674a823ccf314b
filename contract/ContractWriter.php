<?php

declare(strict_types=1);

namespace Contract;

use JackRest\Core\Catalogue\Catalogue;
use RuntimeException;
use Symfony\Component\Yaml\Yaml;

/**
 * Joins the calls of the screens (screens.yaml), what they send and answer, and every calculation into one OpenAPI 3.1
 * document.
 */
final class ContractWriter
{
    /** Names in addresses that are no numbers. */
    private const NAMES = ['offer', 'question', 'what', 'key', 'plan', 'exercise', 'backup', 'stallKind'];

    /** Where a password is asked: tried too often, it is waited; on one machine there are none. */
    private const PASSWORDS = [
        '/api/sign-in', '/api/join', '/api/pair', '/api/recover', '/api/ticket', '/api/password', '/api/account',
        '/api/people', '/api/people/invitations', '/api/pairings',
    ];

    public static function json(): string
    {
        /** @var array{calls: array<string, string>} $screens */
        $screens = Yaml::parseFile(__DIR__.'/screens.yaml');
        [$requests, $answers] = [new Requests(), new Answers()];
        $answers->add('Errors');
        $paths = [];
        foreach ($screens['calls'] as $name => $line) {
            [$method, $path, $call] = self::call($name, $line, $requests);
            $paths[$path][$method] = $call;
            $answers->add(self::answerOf($line));
        }
        foreach (Catalogue::entries() as $name => $entry) {
            $paths["/api/calc/$name"] = self::calculation($name, $entry->schema());
        }
        $contract = array_diff_key($screens, ['calls' => true]) + [
            'paths' => $paths,
            'components' => [
                'responses' => [
                    'Errors' => [
                        'description' => 'What is wrong and beside which field',
                        'content' => self::named('Errors'),
                    ],
                ],
                'schemas' => $answers->schemas() + $requests->schemas(),
            ],
        ];

        return json_encode(
            $contract,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @return array{string, string, array<string, mixed>} method, path, operation
     */
    private static function call(string $name, string $line, Requests $requests): array
    {
        if (
            preg_match(
                '~^([A-Z]+) (/[^ ?]*)(?:\?(\S+))?(?: (\w+))? -> (?:(\d+) )?(\w+)(?: \| (422))?$~',
                $line,
                $part,
            ) !== 1
        ) {
            throw new RuntimeException("$name is not written as a call: $line");
        }
        [, $method, $path, $query, $request, $status, $answer] = $part;
        if ($request !== '') {
            $requests->add($request);
        }
        $errors = [
            ...str_starts_with($path, '/api/') ? ['401', '403', '503'] : [],
            ...str_contains($path, '{') || in_array($path, self::PASSWORDS, true) ? ['404'] : [],
            ...in_array($path, self::PASSWORDS, true) ? ['429'] : [],
            ...$method === 'GET' ? [] : ['409', '413', '507'],
            ...$request === '' && ($part[7] ?? '') !== '422' ? [] : ['422'],
        ];

        return [
            strtolower($method),
            $path,
            array_filter(
                [
                    'operationId' => $name,
                    'parameters' => self::parameters($path, $query),
                    'requestBody' => $request === '' ? [] : ['required' => true, 'content' => self::named($request)],
                    'responses' => [
                        $status === '' ? '200' : $status => [
                            'description' => $answer,
                            'content' => self::named($answer),
                        ],
                    ] + array_fill_keys($errors, ['$ref' => '#/components/responses/Errors']),
                ],
                static fn (mixed $part): bool => $part !== [],
            ),
        ];
    }

    /** The name of what a call answers. */
    private static function answerOf(string $line): string
    {
        return (string) preg_replace('~^.*-> (?:\d+ )?(\w+).*$~', '$1', $line);
    }

    /** @return list<array<string, mixed>> */
    private static function parameters(string $path, string $query): array
    {
        preg_match_all('/\{(\w+)\}/', $path, $names);
        $parameters = array_map(
            static fn (string $name): array => [
                'name' => $name,
                'in' => 'path',
                'required' => true,
                'schema' => ['type' => in_array($name, self::NAMES, true) ? 'string' : 'integer'],
            ],
            $names[1],
        );
        foreach ($query === '' ? [] : explode('&', $query) as $field) {
            [$name, $type] = explode(':', $field);
            $parameters[] = ['name' => $name, 'in' => 'query', 'schema' => ['type' => $type]];
        }

        return $parameters;
    }

    /** @return array<string, mixed> */
    private static function named(string $schema): array
    {
        return ['application/json' => ['schema' => ['$ref' => "#/components/schemas/$schema"]]];
    }

    /** Not signed in, too large, not understood, others at long work. */
    private const CALCULATION_ERRORS = ['401', '413', '422', '503'];

    /**
     * @param  array{title: string, input: array<string, mixed>, output: array<string, mixed>}  $schema
     * @return array<string, mixed>
     */
    private static function calculation(string $name, array $schema): array
    {
        $json = static fn (array $shape): array => ['application/json' => ['schema' => $shape]];

        return [
            'post' => [
                'operationId' => 'calc-'.$name,
                'summary' => $schema['title'],
                'requestBody' => ['required' => true, 'content' => $json($schema['input'])],
                'responses' => [
                    '200' => ['description' => 'The answer', 'content' => $json($schema['output'])],
                ] + array_fill_keys(self::CALCULATION_ERRORS, ['$ref' => '#/components/responses/Errors']),
            ],
        ];
    }
}
