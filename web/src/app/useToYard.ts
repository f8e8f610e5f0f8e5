import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { useCommand } from './commands';

/** Offers the way back to the yard by its key. */
export function useToYard() {
  const navigate = useNavigate();
  const go = useCallback(() => void navigate('/'), [navigate]);
  useCommand('y', 'To the yard', go);
}
