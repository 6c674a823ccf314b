<?php

declare(strict_types=1);

namespace Contract;

use JackRest\Core\Calculation\Catalogue;
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

    public static function json(): string
    {
        /** @var array<string, mixed> $contract */
        $contract = Yaml::parseFile(__DIR__.'/screens.yaml');
        $contract['components']['schemas'] = array_map(self::schema(...), $contract['components']['schemas']);
        $contract['paths'] = array_map(self::mayBeLost(...), $contract['paths']);
        foreach (Catalogue::entries() as $name => $entry) {
            $contract['paths']["/api/calc/$name"] = self::calculation($name, $entry->schema());
        }

        return json_encode($contract, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * An address that names a record may name one that is not kept here.
     *
     * @param  array<string, mixed>  $path
     * @return array<string, mixed>
     */
    private static function mayBeLost(array $path): array
    {
        foreach (isset($path['parameters']) ? array_diff(array_keys($path), ['parameters']) : [] as $method) {
            $path[$method]['responses']['404'] = ['$ref' => '#/components/responses/Errors'];
        }

        return $path;
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

        return array_filter([
            'type' => 'object',
            'properties' => $properties,
            'required' => $required,
            'additionalProperties' => false,
        ], static fn (mixed $part): bool => $part !== []);
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
            $choices = array_map(static fn (string $choice): ?string => $choice === 'null' ? null : $choice, explode(' ', substr($type, 5)));

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

        return ['post' => [
            'operationId' => 'calc-'.$name,
            'summary' => $schema['title'],
            'requestBody' => ['required' => true, 'content' => $json($schema['input'])],
            'responses' => [
                '200' => ['description' => 'The answer', 'content' => $json($schema['output'])],
                '422' => ['$ref' => '#/components/responses/Errors'],
            ],
        ]];
    }
}
