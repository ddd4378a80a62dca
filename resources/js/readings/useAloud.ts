import { useLocalStorage } from '@mantine/hooks';

/** Whether readings are said aloud on this device. */
export function useAloud(): [boolean, (isAloud: boolean) => void] {
    const [isAloud, setAloud] = useLocalStorage({ key: 'dinghy-aloud', defaultValue: false, getInitialValueInEffect: false });
    return [isAloud, setAloud];
}
