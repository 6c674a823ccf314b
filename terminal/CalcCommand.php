<?php

declare(strict_types=1);

namespace JackRest\Terminal;

use JackRest\Core\Calculation\Entry;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\UnknownCalculation;
use JackRest\Core\Catalogue\Catalogue;
use JsonException;
use Throwable;

/**
 * `./jackrest calc`: one JSON object in, one out.
 *
 * Status 0 when answered, 2 when the input was bad (nothing on standard output then, the errors as JSON on
 * standard error).
 */
final class CalcCommand
{
    private const USAGE = <<<'TEXT'
        ./jackrest calc NAME [FILE]    one JSON object from standard input or FILE, one answer
        ./jackrest calc NAME --lines   one JSON object a line, one answer a line
        ./jackrest calc NAME --schema  JSON Schema of what goes in and comes out
        ./jackrest calc --list         every calculation with its title
        TEXT;

    private const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    private const BAD_INPUT = 2;

    /**
     * @param  resource  $in
     * @param  resource  $out
     * @param  resource  $err
     */
    public function __construct(private $in, private $out, private $err)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        [$name, $option] = [$arguments[0] ?? '', $arguments[1] ?? null];
        if ($name === '--list') {
            return $this->list();
        }
        if ($name === '' || str_starts_with($name, '-') || count($arguments) > 2) {
            return $this->complain(self::USAGE);
        }
        try {
            $entry = Catalogue::named($name);

            return match (true) {
                $option === '--schema' => $this->say(json_encode($entry->schema(), self::JSON | JSON_PRETTY_PRINT)),
                $option === '--lines' => $this->lines($entry),
                default => $this->say($this->answer($entry, $this->text($option))),
            };
        } catch (UnknownCalculation $unknown) {
            return $this->complain($this->errors(InvalidInput::because('name', $unknown->getMessage())));
        } catch (InvalidInput $wrong) {
            return $this->complain($this->errors($wrong));
        }
    }

    private function list(): int
    {
        foreach (Catalogue::entries() as $name => $entry) {
            $this->say(sprintf('%-18s %s', $name, $entry->title));
        }

        return 0;
    }

    private function lines(Entry $entry): int
    {
        $status = 0;
        while (($line = fgets($this->in)) !== false) {
            if (trim($line) === '') {
                continue;
            }
            try {
                $this->say($this->answer($entry, $line));
            } catch (InvalidInput $wrong) {
                $this->say($this->errors($wrong));
                $status = self::BAD_INPUT;
            } catch (Throwable) {
                // One line that nobody foresaw must not leave the others without an answer.
                $this->say($this->errors(InvalidInput::tooLarge()));
                $status = self::BAD_INPUT;
            }
        }

        return $status;
    }

    private function answer(Entry $entry, string $text): string
    {
        try {
            $json = json_decode($text, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw InvalidInput::because('', 'is not JSON ('.$broken->getMessage().'): give one JSON object');
        }

        return json_encode($entry->answer($json), self::JSON);
    }

    private function text(?string $file): string
    {
        if ($file === null) {
            return (string) stream_get_contents($this->in);
        }

        return is_file($file) && is_readable($file)
            ? (string) file_get_contents($file)
            : throw InvalidInput::because('file', "there is no readable file \"$file\"");
    }

    private function errors(InvalidInput $wrong): string
    {
        return json_encode($wrong->toArray(), self::JSON | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private function say(string $line): int
    {
        fwrite($this->out, $line."\n");

        return 0;
    }

    private function complain(string $line): int
    {
        fwrite($this->err, $line."\n");

        return self::BAD_INPUT;
    }
}
