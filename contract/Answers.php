<?php

declare(strict_types=1);

namespace Contract;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\SchemaWriter;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;
use RuntimeException;

/** The schemas of what leaves, from the classes that are written: app/…/Answer, and a few values below it. */
final class Answers
{
    private const SUFFIX = 'Answer';

    /** Values of the core and the desk that leave as they are. */
    private const VALUES = [Explanation::class, FieldError::class, Reading::class];

    /** @var array<string, class-string> by the name that the contract has */
    private array $classes = [];

    /** @var array<string, array<string, mixed>> */
    private array $schemas = [];

    /** @throws RuntimeException when two answers share a name */
    public function __construct()
    {
        foreach ([...self::ofRooms(), ...self::VALUES] as $class) {
            $name = self::name($class);
            if (isset($this->classes[$name])) {
                throw new RuntimeException("Two answers are called $name.");
            }
            $this->classes[$name] = $class;
        }
    }

    /** @throws RuntimeException when no class has it */
    public function add(string $name): void
    {
        $this->refer($this->classes[$name] ?? throw new RuntimeException("No answer is called $name."));
    }

    /** @return array<string, array<string, mixed>> of what was added and all that stands within it, by name */
    public function schemas(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /** @return list<string> the names of answers that nothing sends */
    public function unused(): array
    {
        return array_values(array_diff(array_keys($this->classes), array_keys($this->schemas)));
    }

    /**
     * @param  class-string  $class
     * @return array{'$ref': string}
     */
    private function refer(string $class): array
    {
        $name = self::name($class);
        if (! isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $this->schemas[$name] = SchemaWriter::referring($class, $this->refer(...));
        }

        return ['$ref' => "#/components/schemas/$name"];
    }

    private static function name(string $class): string
    {
        $short = substr($class, (int) strrpos($class, '\\') + 1);

        return str_ends_with($short, self::SUFFIX) ? substr($short, 0, -strlen(self::SUFFIX)) : $short;
    }

    /** @return list<class-string> */
    private static function ofRooms(): array
    {
        $classes = [];
        foreach (array_filter((array) glob(__DIR__.'/../app/*/Answer/*.php'), is_string(...)) as $file) {
            /** @var class-string $class */
            $class = 'App\\'.basename(dirname($file, 2)).'\\Answer\\'.basename($file, '.php');
            $classes[] = $class;
        }

        return $classes;
    }
}
