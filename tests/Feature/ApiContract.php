<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds an answer against docs/openapi.json, the one description of the API. */
final class ApiContract
{
    private const BASE = 'https://dinghy.invalid/docs/';

    public static function assertMet(string $method, string $path, int $status, string $body): void
    {
        $operation = self::api()->paths->{$path}->{strtolower($method)} ?? null;
        Assert::assertNotNull($operation, "docs/openapi.json does not describe {$method} {$path}.");
        $response = $operation->responses->{(string) $status} ?? null;
        Assert::assertNotNull($response, "docs/openapi.json does not describe {$status} for {$method} {$path}.");
        if (! isset($response->content)) {
            return;
        }
        $schema = $response->content->{'application/json'}->schema;
        $schema = (object) ['$id' => self::BASE.'answer.json', ...get_object_vars(self::absolute($schema))];
        $validator = new Validator;
        $validator->resolver()?->registerRaw(json_encode(self::absolute(self::api()), JSON_THROW_ON_ERROR), self::BASE.'openapi.json');
        foreach (['plan-1.json', 'evaluation-1.json'] as $file) {
            $raw = json_decode((string) file_get_contents(base_path("docs/schema/{$file}")), false, 512, JSON_THROW_ON_ERROR);
            Assert::assertInstanceOf(\stdClass::class, $raw);
            $raw->{'$id'} = self::BASE.'schema/'.$file;
            $validator->resolver()?->registerRaw(json_encode($raw, JSON_THROW_ON_ERROR), self::BASE.'schema/'.$file);
        }
        $result = $validator->validate(json_decode($body, false, 512, JSON_THROW_ON_ERROR), $schema);
        Assert::assertTrue($result->isValid(), "{$method} {$path} {$status}: ".json_encode([$result->error()?->data()->fullPath(), $result->error()?->message(), $result->error()?->args()]));
    }

    private static function api(): \stdClass
    {
        $api = json_decode((string) file_get_contents(base_path('docs/openapi.json')), false, 512, JSON_THROW_ON_ERROR);
        Assert::assertInstanceOf(\stdClass::class, $api);

        return $api;
    }

    /** References of the description made absolute, so that they resolve wherever a piece of it is used. */
    private static function absolute(mixed $node): mixed
    {
        if (is_array($node)) {
            return array_map(self::absolute(...), $node);
        }
        if (! $node instanceof \stdClass) {
            return $node;
        }
        $copy = new \stdClass;
        foreach (get_object_vars($node) as $key => $value) {
            $copy->{$key} = $key === '$ref' && is_string($value)
                ? self::BASE.(str_starts_with($value, '#') ? 'openapi.json'.$value : substr($value, 2))
                : self::absolute($value);
        }

        return $copy;
    }
}
