<?php

declare(strict_types=1);

namespace Contract;

use JackRest\Core\Catalogue\Catalogue;
use RuntimeException;
use Symfony\Component\Yaml\Yaml;

/**
 * Joins the shapes of the screens (screens.yaml) and the schemas of every calculation into one OpenAPI 3.1
 * document.
 *
 * In `screens.yaml` a schema is written shortly, `{field: type, optional?: type}`; a type is a JSON type, the
 * name of another schema, `type|null`, `[type]` for a list, `enum a b c`, or `{'*': type}` for any keys.
 */
final class ContractWriter
{
    private const JSON_TYPES = ['string', 'number', 'integer', 'boolean', 'null'];

    /** Names in addresses that are no numbers. */
    private const NAMES = ['offer', 'question', 'what', 'key', 'plan'];

    public static function json(): string
    {
        /** @var array{calls: array<string, string>, schemas: array<string, array<string, mixed>>} $screens */
        $screens = Yaml::parseFile(__DIR__.'/screens.yaml');
        $paths = [];
        foreach ($screens['calls'] as $name => $line) {
            [$method, $path, $call] = self::call($name, $line, $screens['schemas']);
            $paths[$path][$method] = $call;
        }
        foreach (Catalogue::entries() as $name => $entry) {
            $paths["/api/calc/$name"] = self::calculation($name, $entry->schema());
        }
        $contract = array_diff_key($screens, ['calls' => true, 'schemas' => true]) + [
            'paths' => $paths,
            'components' => [
                'responses' => [
                    'Errors' => [
                        'description' => 'What is wrong and beside which field',
                        'content' => self::named('Errors'),
                    ],
                ],
                'schemas' => array_map(self::schema(...), $screens['schemas']),
            ],
        ];

        return json_encode(
            $contract,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  array<string, array<string, mixed>>  $schemas
     * @return array{string, string, array<string, mixed>} method, path, operation
     */
    private static function call(string $name, string $line, array $schemas): array
    {
        if (
            preg_match(
                '~^([A-Z]+) (/[^ ?]*)(?:\?(\S+))?(?: (\w+))? -> (?:(\d+) )?(\w+)(?: \| (409|422))?$~',
                $line,
                $part,
            ) !== 1
        ) {
            throw new RuntimeException("$name is not written as a call: $line");
        }
        [, $method, $path, $query, $request, $status, $answer] = $part;
        $errors = [
            ...str_contains($path, '{') ? ['404'] : [],
            ...isset($schemas[$request]['version']) || ($part[7] ?? '') === '409' ? ['409'] : [],
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

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function schema(array $fields): array
    {
        if (array_keys($fields) === ['*']) {
            return ['type' => 'object', 'additionalProperties' => self::type($fields['*'])];
        }
        $properties = $required = [];
        foreach ($fields as $name => $type) {
            $field = rtrim($name, '?');
            $properties[$field] = self::type($type);
            if ($field === $name) {
                $required[] = $field;
            }
        }

        return array_filter(
            [
                'type' => 'object',
                'properties' => $properties,
                'required' => $required,
                'additionalProperties' => false,
            ],
            static fn (mixed $part): bool => $part !== [],
        );
    }

    /**
     * @param  string|list<string>  $type
     * @return array<string, mixed>
     */
    private static function type(string|array $type): array
    {
        if (is_array($type)) {
            return ['type' => 'array', 'items' => self::type($type[0])];
        }
        if (str_starts_with($type, 'enum ')) {
            $choices = array_map(
                static fn (string $choice): ?string => $choice === 'null' ? null : $choice,
                explode(' ', substr($type, 5)),
            );

            return ['type' => in_array(null, $choices, true) ? ['string', 'null'] : 'string', 'enum' => $choices];
        }
        $kinds = explode('|', $type);
        if (array_diff($kinds, self::JSON_TYPES) === []) {
            return ['type' => count($kinds) === 1 ? $type : $kinds];
        }
        $named = ['$ref' => "#/components/schemas/{$kinds[0]}"];

        return count($kinds) === 1 ? $named : ['anyOf' => [$named, ['type' => 'null']]];
    }

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
                    '422' => ['$ref' => '#/components/responses/Errors'],
                ],
            ],
        ];
    }
}
