<?php

declare(strict_types=1);

namespace Tests\Http;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use stdClass;

/** Checks an answer against contract/openapi.json. */
final class Contract
{
    private static ?Validator $validator = null;

    private static ?stdClass $document = null;

    public static function check(string $method, string $path, int $status, string $content): void
    {
        $path = strtok($path, '?');
        $template = self::template((string) $path);
        if ($template === null) {
            Assert::assertSame(404, $status, "$path is in no contract");

            return;
        }
        $pointer = implode('/', [
            '#',
            'paths',
            self::escaped($template),
            strtolower($method),
            'responses',
            (string) $status,
        ]);
        $described = self::paths()[$template][strtolower($method)]['responses'][$status] ?? null;
        Assert::assertNotNull($described, "$method $template does not tell of an answer with status $status: $content");
        $schema = isset($described['$ref'])
            ? str_replace('#', 'contract:///openapi.json#', (string) $described['$ref']).
                '/content/application~1json/schema'
            : str_replace('#', 'contract:///openapi.json#', $pointer).'/content/application~1json/schema';
        $result = self::validator()->validate(json_decode($content), $schema);
        $error = $result->error();
        Assert::assertTrue(
            $result->isValid(),
            $error === null ? '' : "$method $template: ".json_encode((new ErrorFormatter())->format($error)),
        );
    }

    /** The path of the contract that an address belongs to. */
    private static function template(string $path): ?string
    {
        $templates = array_keys(self::paths());
        // An address without names in it is meant before one that merely could be.
        usort($templates, static fn (string $a, string $b): int => substr_count($a, '{') <=> substr_count($b, '{'));
        foreach ($templates as $template) {
            if (preg_match('#^'.preg_replace('/\{\w+\}/', '[^/]+', $template).'$#', $path) === 1) {
                return $template;
            }
        }

        return null;
    }

    /** @return array<string, array<string, array{responses: array<int|string, array<string, string>>}>> */
    private static function paths(): array
    {
        return json_decode((string) json_encode(self::document()->paths), true);
    }

    private static function document(): stdClass
    {
        if (self::$document === null) {
            $document = json_decode((string) file_get_contents(__DIR__.'/../../contract/openapi.json'));
            Assert::assertInstanceOf(stdClass::class, $document);
            self::$document = $document;
        }

        return self::$document;
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->resolver()?->registerRaw(self::document(), 'contract:///openapi.json');
        }

        return self::$validator;
    }

    private static function escaped(string $part): string
    {
        return str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $part);
    }
}
